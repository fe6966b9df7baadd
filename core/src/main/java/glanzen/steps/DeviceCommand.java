package glanzen.steps;

/** What a step of a run asks of a device, simulated or by hand. */
public sealed interface DeviceCommand {

    /** The heater goes on, at a set-point in °C. */
    record SwitchOn(double celsius) implements DeviceCommand {}

    /** The heater goes off. */
    record SwitchOff() implements DeviceCommand {}

    /** The platform leaves its dock, or goes back into it. */
    record Dock(boolean inDock) implements DeviceCommand {}

    /** The stack is fed through, for so long, s. */
    record Feed(double seconds) implements DeviceCommand {}

    /** The rollers let go: a pass is over, or a stuck stack is reversed out. */
    record Clear() implements DeviceCommand {}
}
