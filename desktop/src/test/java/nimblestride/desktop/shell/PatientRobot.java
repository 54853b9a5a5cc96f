package nimblestride.desktop.shell;

import static org.testfx.util.WaitForAsyncUtils.waitFor;

import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseButton;
import nimblestride.desktop.OnStage;
import org.testfx.api.FxRobot;
import org.testfx.robot.Motion;
import org.testfx.service.query.PointQuery;
import org.testfx.service.query.impl.CallableBoundsPointQuery;
import org.testfx.util.WaitForAsyncUtils;

/** Hands that click and type like a user, and wait for what is sure to come. */
abstract class PatientRobot extends FxRobot {
    /** Waits for something that is sure to come; how long it takes is no matter of these tests. */
    protected final void until(Callable<Boolean> condition) throws Exception {
        waitFor(60, TimeUnit.SECONDS, () -> asked(condition));
    }

    /** Does something again and again, from the test's own thread as a hand would, until what is awaited is there. */
    protected final void again(Runnable act, Callable<Boolean> condition) throws Exception {
        waitFor(60, TimeUnit.SECONDS, () -> {
            act.run();
            return asked(condition);
        });
    }

    /** Clicks where things are once they are laid out, and not where they were before what came last. */
    @Override
    public FxRobot clickOn(PointQuery place, Motion motion, MouseButton... buttons) {
        OnStage.frames(1);
        return super.clickOn(place, motion, buttons);
    }

    /**
     * Looks for what it clicks only when all is laid out, and once more when the mouse has come there: lists put new rows
     * in the place of old ones, which then are nowhere, and what is above may push it down.
     */
    @Override
    public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
        OnStage.frames(1);
        PointQuery place = new CallableBoundsPointQuery(() -> asked(() -> middle(query)));
        robotContext().getClickRobot().clickOn(place, motion, buttons);
        return this;
    }

    /** Returns where the middle of something is now, as bounds without a size. */
    private Bounds middle(String query) {
        Point2D middle = point(query).query();
        return new BoundingBox(middle.getX(), middle.getY(), 0, 0);
    }

    /** Asked on the interface thread: what is looked at must not change meanwhile. */
    protected static <T> T asked(Callable<T> question) throws Exception {
        return Platform.isFxApplicationThread()
                ? question.call()
                : WaitForAsyncUtils.asyncFx(question).get(60, TimeUnit.SECONDS);
    }
}
