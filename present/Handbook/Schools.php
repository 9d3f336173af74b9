<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

/** Where schools of the trade differ, and what is done here. Common practice. */
final readonly class Schools
{
    public const ROWS = [
        // point, schools, here
        ['movement', '"not more than" an inch; "less than" an inch; less than 2.5 cm', 'practice; near the limit advises'],
        ['direction of the test', 'side only; side and front; also up', 'side and front, both asked'],
        ['test with tether loose or tight', 'before; after', 'loose first, again after'],
        ['lock, then buckle?', 'locked before threading; buckled first', 'buckled first, then in the order of the lock'],
        ['slack out before or after locking', 'either', 'both'],
        ['clip: how near, on what', '1 in; 1½ in; beside the tongue on one layer', 'practice and setting'],
        ['forward tether tension', 'as hard as one can; slack out', 'no slack; either passes'],
        ['rear tether', 'always; only if the seat says', 'the seat, else its label\'s standard'],
        ['rear-facing straps', 'at or below; level or slightly above', 'the seat, else its label\'s standard'],
        ['forward straps "at or below"', 'said now and then, an error', 'at or above; named as an error to unlearn'],
        ['tightness', 'pinch at, or a little below, the shoulder; one finger', 'the seat, else its label\'s standard'],
        ['clip at the nipples', 'said now and then', 'armpits'],
        ['turning forward', 'at one; at two; at a reached limit', 'floor at one and the law; advice until a limit'],
        ['belt or anchors', 'each preferred by some', 'equal; reasons given'],
        ['weight on the seat', 'knee; hips; only enough to hold', 'no more than it takes, as the maker allows'],
        ['no tether anchor', 'never forward there; stow it and ride', 'seat, standard, practice'],
        ['recline', '45°; level line until sitting; zones', 'the seat\'s indicator'],
        ['belt over a booster child', 'locked; free', 'free'],
        ['lap part', 'across the waist; on the thighs', 'thighs'],
        ['head part of a booster', 'at the chin; guide at the shoulder', 'guide at the shoulder'],
        ['middle place', 'safest by statistics; wherever it is held well', 'middle if held well'],
        ['after a crash', 'always replace; five points', 'policy, maker first'],
        ['proof of a locked belt', 'gentle pull; firm pull', 'firm'],
        ['roll against sliding', 'above the crotch strap; nothing that did not come with it', 'allowed unless the maker forbids, never behind'],
    ];
}
