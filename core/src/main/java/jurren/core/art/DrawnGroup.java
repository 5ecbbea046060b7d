package jurren.core.art;

/**
 * A group or a layer of a drawing, as its file has it.
 *
 * @param number tells it from others of its name
 * @param name   empty where the file gives it none
 */
public record DrawnGroup(int number, String name) {}
