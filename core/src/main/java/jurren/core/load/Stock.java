package jurren.core.load;

/** A piece of film as it hangs or lies on the shelf. */
public sealed interface Stock extends FilmPiece permits Roll, Offcut {
}
