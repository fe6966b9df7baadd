package glanzen.evening;

import glanzen.packing.Laid;
import glanzen.packing.Packer.Packed;
import glanzen.packing.Packer.Shape;
import glanzen.setup.SetUp;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Several set-ups laid beside each other to be pressed as one.
 *
 * @param setUp all in one
 * @param judged what must come out for it to be worth it: the same as each of its parts sees it
 * @param widthMm width of what they lie on, mm
 * @param heightMm its length, mm
 * @param laid where each lies, in the order of the set-ups
 * @param outlines what is seen of each there, mm
 */
record AtOnce(
        SetUp setUp, List<SetUp> judged, double widthMm, double heightMm, List<Laid> laid, List<Geometry> outlines) {

    /** A way of laying set-ups beside each other. */
    interface Way {

        /** What must be the same for two set-ups to be tried; an empty list if one can never go with others. */
        List<Object> alike(SetUp s);

        /** Some set-ups as one, in all ways worth trying, the kindest to the press first; none if they do not go together. */
        Stream<AtOnce> of(List<SetUp> some);
    }

    AtOnce {
        judged = List.copyOf(judged);
        laid = List.copyOf(laid);
        outlines = List.copyOf(outlines);
    }

    /** One behind another the press has only one to cut at a time; beside each other there is room for more. */
    static DoubleStream strips(List<Shape> shapes, double widthMm) {
        double narrow = 0;
        double broad = 0;
        for (Shape s : shapes) {
            Envelope box = s.outline().getEnvelopeInternal();
            narrow = Math.max(narrow, Math.min(box.getWidth(), box.getHeight()));
            broad = Math.max(broad, Math.max(box.getWidth(), box.getHeight()));
        }
        return DoubleStream.of(Math.min(widthMm, narrow + 1), Math.min(widthMm, broad + 1), widthMm)
                .distinct();
    }

    /** In the order of the shapes, and as far from one side as from the other. */
    static List<Laid> inTheMiddle(Packed packed, List<Geometry> shapes, double widthMm, double heightMm) {
        List<Laid> laid = packed.shapes().stream()
                .sorted(Comparator.comparing(l -> Integer.parseInt(l.id())))
                .toList();
        Envelope box = new Envelope();
        for (int n = 0; n < laid.size(); n++) {
            box.expandToInclude(laid.get(n).of(shapes.get(n)).getEnvelopeInternal());
        }
        double right = widthMm / 2 - box.centre().x;
        double up = heightMm / 2 - box.centre().y;
        return laid.stream()
                .map(l -> new Laid(l.id(), l.xMm() + right, l.yMm() + up, l.degrees()))
                .toList();
    }
}
