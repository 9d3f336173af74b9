<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Telling\Message;

/** What one sees of a seat that will not hold, or will not lean as it should. */
enum Sight: string
{
    case StillLoose = 'still_loose';
    case TipsToOneSide = 'tips_to_one_side';
    case HardwareInPath = 'hardware_in_path';
    case BarsTooDeep = 'bars_too_deep';
    case TailInPath = 'tail_in_path';
    case SlackComesBack = 'slack_comes_back';
    case TooFlat = 'too_flat';
    case TooUpright = 'too_upright';

    /** @return list<self> what can be seen of this seat as it is held and faces */
    public static function of(AssessmentContext $s): array
    {
        return array_values(array_filter(self::cases(), static fn(self $sight): bool => $sight->concerns($s)));
    }

    public function title(): Message
    {
        return new Message("loose.sights.{$this->value}");
    }

    private function concerns(AssessmentContext $s): bool
    {
        return match ($this) {
            self::StillLoose, self::TipsToOneSide, self::SlackComesBack => true,
            self::HardwareInPath => $s->beltHolds(),
            self::BarsTooDeep, self::TailInPath => $s->anchorsHold(),
            self::TooFlat, self::TooUpright => $s->isRear(),
        };
    }
}
