package theriseed.server.harvest;

/** Which of a planting's plants were picked. */
public enum PickedFrom {
    PLANTING,
    STRETCH,
    MARKED,
    TAGGED,
    PLANT
}
