<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Measure;

use MintBuckle\Core\CaseFile\Leave;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/** Is the tether on where it is called for, off where it is forbidden, and without slack? */
final readonly class TetherRule implements Rule
{
    public function codes(): array
    {
        return [Code::MeasureTetherUnused, Code::MeasureTetherForbidden, Code::MeasureTetherSlack];
    }

    public function judge(Situation $s): iterable
    {
        if (! $s->isHarness()) {
            return;
        }
        $called = $s->tetherCalledFor();
        $used = $s->setup()->tether->used;
        $anchor = $s->place?->tetherAnchor;
        $forbidden = $s->isRear() && $s->seat?->tetherRear === Leave::Forbidden;
        if ($called === Truth::Unknown) {
            yield new Question('seat.tether_rear', Station::Measure, Severity::Stop);
        }
        if ($used === null && ($forbidden || ($called !== Truth::No && $anchor !== false))) {
            yield new Question('setup.tether.used', Station::Measure);
        }
        if ($used === false && $called === Truth::Yes && $anchor === true) {
            yield new Finding(Code::MeasureTetherUnused, Severity::Fix, 'The tether is called for, its anchor is there, and it is not used.', 'Hook the tether on and take the slack out.', from: $s->isForwardHarness() ? 'default' : ($s->seat?->tetherRear === Leave::Required ? 'seat' : $s->convention->from ?? 'default'), sources: [Source::common()]);
        }
        if ($used === true && $forbidden) {
            yield new Finding(Code::MeasureTetherForbidden, Severity::Fix, 'The tether is on, and the seat\'s maker forbids it rear-facing.', 'Unhook the tether and stow it.', from: 'seat', sources: [Source::manual('seat')]);
        }
        $slack = $s->setup()->tether->slack;
        if ($slack === null && ($used === true || ($used === null && $called === Truth::Yes && $anchor !== false))) {
            yield new Question('setup.tether.slack', Station::Measure);
        }
        if ($slack === true && $used !== false) {
            yield new Finding(Code::MeasureTetherSlack, Severity::Fix, 'There is slack in the tether.', $s->isRear() ? 'Take the slack out with the child in; ease it to load the child and take it up again each time.' : 'Take all the slack out.', sources: [Source::common()]);
        }
    }
}
