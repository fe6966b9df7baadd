package glanzen.artwork;

import com.github.weisj.jsvg.renderer.output.Output;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ImageObserver;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/** Where a renderer draws to: every shape is taken down as the area it covers, in mm, by {@link Areas}. */
final class ShapeRecorder implements Output {

    /** Strokes thinner than this are lines to cut along, not lines to see, mm. */
    private static final double HAIRLINE_MM = 0.15;

    private static final double FINE_MM = 0.02;
    private static final double SEEN = 0.05;
    private static final double FAR = 1e6;

    private final Areas areas;
    private final Rectangle2D page;
    private AffineTransform transform;
    private @Nullable Geometry clip;
    private Paint paint = Color.BLACK;
    private Stroke stroke = new BasicStroke(1);
    private float opacity = 1;

    /**
     * @param page the page, in its own units; what is drawn beside it counts as well
     * @param mmPerPx how large one of its units is, mm
     */
    ShapeRecorder(Rectangle2D page, double mmPerPx) {
        this.areas = new Areas();
        this.page = AffineTransform.getScaleInstance(mmPerPx, mmPerPx)
                .createTransformedShape(page)
                .getBounds2D();
        this.transform = AffineTransform.getScaleInstance(mmPerPx, mmPerPx);
    }

    private ShapeRecorder(ShapeRecorder parent) {
        this.areas = parent.areas;
        this.page = parent.page;
        this.transform = new AffineTransform(parent.transform);
        this.clip = parent.clip;
        this.paint = parent.paint;
        this.stroke = parent.stroke;
        this.opacity = parent.opacity;
    }

    /** What is seen of it all, mm, y downwards. */
    Geometry ink() {
        return areas.ink();
    }

    /** What hairlines enclose, mm, y downwards. */
    Geometry hairlines() {
        return areas.hairlines();
    }

    /** What was drawn and not taken down as it looks, in words. */
    List<String> passedOver() {
        return areas.passedOver();
    }

    @Override
    public void fillShape(Shape shape) {
        areas.add(area(shape), paint, opacity);
    }

    @Override
    public void drawShape(Shape shape) {
        double scale = Math.sqrt(Math.abs(transform.getDeterminant()));
        if (stroke instanceof BasicStroke line && line.getLineWidth() * scale < HAIRLINE_MM) {
            areas.hairline(area(shape));
            return;
        }
        areas.add(area(stroke.createStrokedShape(shape)), paint, opacity);
    }

    private Geometry area(Shape shape) {
        areas.counted();
        Geometry area = FilledPath.of(shape.getPathIterator(transform, FINE_MM));
        return clip == null || area.isEmpty() ? area : area.intersection(clip);
    }

    @Override
    public void applyClip(Shape shape) {
        if (wholePage(shape)) {
            return;
        }
        Geometry area = FilledPath.of(shape.getPathIterator(transform, FINE_MM));
        clip = clip == null ? area : clip.intersection(area);
    }

    private boolean wholePage(Shape shape) {
        if (!(shape instanceof Rectangle2D)) {
            return false;
        }
        Rectangle2D box = transform.createTransformedShape(shape).getBounds2D();
        return Math.abs(box.getX() - page.getX()) < FINE_MM
                && Math.abs(box.getY() - page.getY()) < FINE_MM
                && Math.abs(box.getWidth() - page.getWidth()) < FINE_MM
                && Math.abs(box.getHeight() - page.getHeight()) < FINE_MM;
    }

    @Override
    public void setPaint(Paint changed) {
        paint = changed;
    }

    @Override
    public void setPaint(Supplier<Paint> changed) {
        paint = changed.get();
    }

    @Override
    public void setStroke(Stroke changed) {
        stroke = changed;
    }

    @Override
    public Stroke stroke() {
        return stroke;
    }

    @Override
    public Output createChild() {
        return new ShapeRecorder(this);
    }

    @Override
    public void dispose() {
        // Its areas are its parent's.
    }

    @Override
    public Rectangle2D clipBounds() {
        return new Rectangle2D.Double(-FAR, -FAR, 2 * FAR, 2 * FAR);
    }

    @Override
    public AffineTransform transform() {
        return new AffineTransform(transform);
    }

    @Override
    public void setTransform(AffineTransform changed) {
        transform = new AffineTransform(changed);
    }

    @Override
    public void applyTransform(AffineTransform more) {
        transform.concatenate(more);
    }

    @Override
    public void rotate(double angle) {
        transform.rotate(angle);
    }

    @Override
    public void scale(double x, double y) {
        transform.scale(x, y);
    }

    @Override
    public void translate(double x, double y) {
        transform.translate(x, y);
    }

    @Override
    public float currentOpacity() {
        return opacity;
    }

    @Override
    public void applyOpacity(float more) {
        opacity *= more;
    }

    @Override
    public SafeState safeState() {
        ShapeRecorder before = new ShapeRecorder(this);
        return () -> {
            transform = before.transform;
            clip = before.clip;
            paint = before.paint;
            stroke = before.stroke;
            opacity = before.opacity;
        };
    }

    @Override
    public void drawImage(BufferedImage image) {
        areas.passOver("a picture");
    }

    @Override
    public void drawImage(Image image, @Nullable ImageObserver observer) {
        areas.passOver("a picture");
    }

    @Override
    public void drawImage(Image image, AffineTransform placed, @Nullable ImageObserver observer) {
        areas.passOver("a picture");
    }

    @Override
    public Optional<Float> contextFontSize() {
        return Optional.empty();
    }

    @Override
    public void debugPaint(Consumer<Graphics2D> painter) {
        // Nothing is debugged here.
    }

    @Override
    public RenderingHints renderingHints() {
        return new RenderingHints(null);
    }

    @Override
    public @Nullable Object renderingHint(RenderingHints.Key key) {
        return null;
    }

    @Override
    public void setRenderingHint(RenderingHints.Key key, @Nullable Object value) {
        // Shapes are exact.
    }

    @Override
    public boolean supportsFilters() {
        return false;
    }

    @Override
    public boolean supportsColors() {
        return true;
    }

    /** Whether something is so faint that nobody sees it. */
    static boolean faint(double opacity) {
        return opacity < SEEN;
    }
}
