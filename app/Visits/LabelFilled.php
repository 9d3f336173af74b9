<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\CheckupEvent;
use App\Models\SeatModel;
use MintBuckle\Core\Label\LabelCode;
use MintBuckle\Core\Recall\Folded;
use MintBuckle\Core\Telling\Message;

/** What a label's code fills in on arrival: the seat of the catalogue, or maker and model by hand, the day of making, the serial. */
final readonly class LabelFilled
{
    /** Fields of the arriving child by what the label tells. */
    private const FIELDS = ['made_on' => 'made_on', 'serial' => 'serial'];

    /**
     * @param string $chosen number of the model, "other", or nothing
     * @param array<string, string> $filled by field
     * @param Message|null $problem why nothing was read, or that a plain code was taken for the serial
     */
    private function __construct(public Choices $choices, public string $chosen, public array $filled, public ?Message $problem) {}

    public static function of(LabelCode $label, CheckupEvent $event): self
    {
        if ($label->problem !== null || $label->text !== null) {
            return new self(
                SeatChoices::recent($event),
                '',
                array_filter(['serial' => (string) $label->text]),
                $label->problem ?? new Message('visits.arrive.code_as_serial', ['serial' => (string) $label->text]),
            );
        }
        $facts = $label->facts;
        $model = self::model($facts['maker'] ?? '', $facts['model'] ?? '');
        $filled = array_intersect_key($facts, self::FIELDS);

        return $model !== null
            ? new self(SeatChoices::recent($event, $model), (string) $model, $filled, null)
            : new self(SeatChoices::recent($event), 'other', $filled + array_intersect_key($facts, ['maker' => 1, 'model' => 1]), null);
    }

    private static function model(string $maker, string $model): ?int
    {
        foreach (SeatModel::names() as $known) {
            if (Folded::text($known->maker) === Folded::text($maker) && Folded::text($known->model) === Folded::text($model)) {
                return $known->id;
            }
        }

        return null;
    }
}
