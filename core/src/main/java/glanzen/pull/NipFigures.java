package glanzen.pull;

/**
 * Under the rollers, on one rig.
 *
 * @param overfillMm δ, mm
 * @param forceN F, N
 * @param pressureMpa p, MPa
 * @param dwellSeconds time under the rollers in one pass, s
 * @param bondC bond temperature at the start of the last nip, °C
 * @param peelC temperature at peeling, °C
 * @param debossMm dent or relief that stays, mm
 * @param lineNPerMm load on each millimetre of blade, N/mm; 0 where none is
 */
public record NipFigures(
        double overfillMm,
        double forceN,
        double pressureMpa,
        double dwellSeconds,
        double bondC,
        double peelC,
        double debossMm,
        double lineNPerMm) {}
