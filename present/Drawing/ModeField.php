<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Growth\Measure;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** A mode of the seat on the weight and height plane, from its least to its greatest; a side without a limit goes to the edge. */
final readonly class ModeField
{
    /** @param string|null $leaves the month, YYYY-MM, in which the child is estimated to leave it; null unless it fits */
    private function __construct(
        public ModeName $mode,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public Truth $fits,
        public bool $inUse,
        public ?string $leaves,
    ) {}

    public static function of(AssessmentContext $s, ModeName $name, Mode $mode, PlaneScale $plane): self
    {
        [$made, $held] = [$s->case->seat?->madeOn, $s->heldForLimits()];
        $weightMin = $mode->weightMin?->asMinimum($made, $held)->entry?->value;
        $heightMin = $mode->heightMin?->asMinimum($made, $held)->entry?->value;
        $weightMax = $mode->weightMax?->asMaximum($made, $held)->entry?->value;
        $heightMax = $mode->heightMax?->asMaximum($made, $held)->entry?->value;
        $left = $plane->x($weightMin === null ? 0.0 : Measure::Weight->number($weightMin));
        $right = $plane->x($weightMax === null ? INF : Measure::Weight->number($weightMax));
        $bottom = $plane->y($heightMin === null ? 0.0 : Measure::Height->number($heightMin));
        $top = $plane->y($heightMax === null ? INF : Measure::Height->number($heightMax));
        $fits = ModeFits::of($s)->fits($name);

        return new self(
            $name,
            $left,
            $top,
            round($right - $left, 1),
            round($bottom - $top, 1),
            $fits,
            $s->mode === $name,
            $fits === Truth::Yes ? OutgrowForecast::of($s, $mode)?->likely : null,
        );
    }

    /** Where it lies, without whether the child fits. */
    public function unjudged(): self
    {
        return new self($this->mode, $this->x, $this->y, $this->width, $this->height, Truth::Unknown, $this->inUse, null);
    }

    /** The same in words. */
    public function told(): Message
    {
        return new Message('drawings.plane.mode', [
            'mode' => new Message("modes.{$this->mode->value}.title"),
            'fits' => match (true) {
                $this->fits === Truth::Yes && $this->leaves !== null => 'until',
                $this->fits === Truth::Yes => 'yes',
                $this->fits === Truth::No => 'no',
                default => 'unknown',
            },
            'until' => $this->leaves === null ? null : PartialDate::parse($this->leaves),
        ]);
    }

    /** Which way of riding, and until about when. */
    public function label(): Message
    {
        return new Message('drawings.labels.field', [
            'mode' => $this->mode->short(),
            'known' => $this->leaves !== null,
            'leaves' => $this->leaves === null ? null : PartialDate::parse($this->leaves),
        ]);
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }
}
