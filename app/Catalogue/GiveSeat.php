<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Checks\NoteFact;
use App\Checks\OpenCheck;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\User;
use App\Words\Telling;
use MintBuckle\Core\Catalogue\SeatInstead;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use Psr\Clock\ClockInterface;

/**
 * A child leaves in another seat than it came in. What was found stays; as it leaves there is the new seat, its mode and its place, and
 * everything else is looked at afresh, shown back and signed anew.
 */
final readonly class GiveSeat
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array{string, string, string} $ids of the entries
     * @throws UnreadableAnswer when the family has left
     */
    public function __invoke(Check $check, SeatModel $model, SeatInstead $instead, array $ids, User $author): void
    {
        OpenCheck::write($check, function (Check $check) use ($model, $instead, $ids, $author): void {
            $note = Telling::now()->tell(new Message('catalogue.given', ['model' => $model->title()]));
            $facts = [
                'seat' => $model->rules,
                'setup' => (object) ['mode' => $instead->mode->value, 'position' => $instead->place],
                // What was shown back and signed was another seat.
                'handover' => null,
            ];
            foreach (array_values($facts) as $number => $value) {
                NoteFact::append(
                    $check,
                    $ids[$number],
                    InspectionPhase::Left,
                    array_keys($facts)[$number],
                    $value,
                    $author,
                    $this->clock->now(),
                    $note,
                );
            }
            $check->update(['seat_model_id' => $model->id]);
        });
    }
}
