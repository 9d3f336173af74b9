<?php

declare(strict_types=1);

namespace MintBuckle\Core\Practice;

use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;

/** What goes with the standard on a seat's label: straps, tightness test, chest clip and rear tether follow the seat, not the country. */
final readonly class Convention
{
    /**
     * @param bool|null $chestClip null where no known standard speaks
     * @param bool $rearTetherAlways rear-facing seats of this standard are always tethered
     */
    private function __construct(
        public string $from,
        public StrapRule $rearStraps,
        public StrapRule $forwardStraps,
        public TightnessTest $tightness,
        public ?bool $chestClip,
        public bool $rearTetherAlways,
        public Citation $source,
    ) {}

    /** @param Standard|null $standard null: none that is known speaks, and the handbook's default holds */
    public static function of(?Standard $standard): self
    {
        $from = $standard === null ? 'default' : 'standard:' . $standard->value;
        $below = StrapRule::AtOrBelow;
        $above = StrapRule::AtOrAbove;
        $level = StrapRule::LevelTo25Above;

        return match ($standard) {
            //                                                              rear    forward   tightness              clip   tether rear  schools differ on all of these
            Standard::Fmvss213                   => new self($from, $below, $above, TightnessTest::Pinch,  true,  false, Source::Common->cite()),
            null                                 => new self($from, $below, $above, TightnessTest::Pinch,  null,  false, Source::Common->cite()),
            Standard::AsNzs1754                  => new self($from, $level, $level, TightnessTest::Finger, false, true,  Source::Common->cite()),
            Standard::EceR44, Standard::EceR129 => new self(
                $from,
                $below,
                $above,
                TightnessTest::Finger,
                false,
                false,
                Source::EceInstructions->cite(),
            ),
        };
    }
}
