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
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use Psr\Clock\ClockInterface;
use stdClass;
use Symfony\Component\Uid\UuidV7;

/**
 * A check's seat is found in the catalogue: everything the catalogue knows of the model is filled in; what was seen on this very seat is
 * kept.
 */
final readonly class TakeModel
{
    /** What belongs to one seat, not to its model. */
    public const OWN = ['serial', 'made_on', 'use_until', 'registered', 'remedied', 'label_readable', 'history'];

    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer */
    public function __invoke(Check $check, SeatModel $model, User $author): void
    {
        OpenCheck::write($check, function (Check $check) use ($model, $author): void {
            foreach (InspectionPhase::cases() as $phase) {
                $this->take($check, $model, $phase, $author);
            }
            $check->update(['seat_model_id' => $model->id]);
        });
    }

    private function take(Check $check, SeatModel $model, InspectionPhase $phase, User $author): void
    {
        $before = $check->caseOf($phase)->raw->seat ?? null;
        $own = array_intersect_key($before instanceof stdClass ? get_object_vars($before) : [], array_flip(self::OWN));
        $seat = array_filter($own, static fn(mixed $fact): bool => $fact !== null) + get_object_vars($model->rules);
        if (json_encode($before) === json_encode((object) $seat)) {
            return;
        }
        NoteFact::append(
            $check,
            UuidV7::generate(),
            $phase,
            'seat',
            (object) $seat,
            $author,
            $this->clock->now(),
            Telling::now()->tell(new Message('catalogue.taken', ['model' => $model->title(), 'n' => $model->version])),
        );
        try {
            $check->caseOf($phase);
        } catch (InvalidCase $e) {
            throw UnreadableAnswer::of($e->problems[0], 'with_model');
        }
    }
}
