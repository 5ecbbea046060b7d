package jurren.core.load;

import java.util.Optional;

/** A piece of film as it hangs or lies on the shelf. */
public sealed interface Stock extends FilmPiece permits Roll, Offcut {
    /**
     * What it was bought for: a metre of a roll, the whole of a sheet. Where nothing is said, a roll costs what its
     * film does, and all else nothing any more.
     */
    Optional<Double> price();

    @Override
    default Stock shelved() {
        return this;
    }

    Stock withPrice(Optional<Double> newPrice);

    /** Under another name. */
    Stock named(String newId);

    /** A price that can be one. */
    static Optional<Double> checked(Optional<Double> price) {
        price.filter(p -> !(p >= 0 && p <= 100_000)).ifPresent(p -> {
            throw new IllegalArgumentException("price must be 0 to 100,000 but is " + p);
        });
        return price;
    }
}
