package glanzen.app.beginning;

import glanzen.app.setup.Draft;
import glanzen.app.setup.SetUpReport;
import glanzen.kit.Kit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a choice makes.
 *
 * @param kit what stands on the shelves then
 * @param draft the first pull it is good for; absent where something is missing
 * @param report what is to be said of that pull
 * @param missing what is missing for a first pull, in words
 * @param setUpId the set-up that was kept; absent in a preview
 */
record Begun(
        Kit kit,
        @Nullable Draft draft,
        @Nullable SetUpReport report,
        List<String> missing,
        @Nullable String setUpId) {}
