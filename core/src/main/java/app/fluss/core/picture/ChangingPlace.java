package app.fluss.core.picture;

import java.util.List;

/// Neighbouring blocks of a clip that change together.
///
/// @param changes of its strongest block
/// @param blocks numbers of its blocks
record ChangingPlace(BlockChanges changes, List<Integer> blocks) {}
