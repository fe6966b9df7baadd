package glanzen.measure;

/** How a person writes temperatures. */
public enum TemperatureUnit {
    C,
    F
}
