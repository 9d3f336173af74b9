<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Actions\NoteFact;
use App\Actions\OpenCheck;
use App\Answers\UnreadableAnswer;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\User;
use App\Track;
use MintBuckle\Core\CaseFile\InvalidCase;
use Psr\Clock\ClockInterface;
use stdClass;
use Symfony\Component\Uid\UuidV7;

/** A check's seat is found on the shelf: everything the shelf knows of the model is filled in; what was seen on this very seat is kept. */
final readonly class TakeModel
{
    /** What belongs to one seat, not to its model. */
    private const OWN = ['serial', 'made_on', 'use_until', 'registered', 'remedied', 'label_readable', 'history'];

    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer */
    public function __invoke(Check $check, SeatModel $model, User $author): void
    {
        OpenCheck::write($check, function (Check $check) use ($model, $author): void {
            foreach (Track::cases() as $track) {
                $this->take($check, $model, $track, $author);
            }
            $check->update(['seat_model_id' => $model->id]);
        });
    }

    private function take(Check $check, SeatModel $model, Track $track, User $author): void
    {
        $before = $check->caseOf($track)->raw->seat ?? null;
        $own = array_intersect_key($before instanceof stdClass ? get_object_vars($before) : [], array_flip(self::OWN));
        $seat = array_filter($own, static fn(mixed $fact): bool => $fact !== null) + get_object_vars($model->rules);
        if (json_encode($before) === json_encode((object) $seat)) {
            return;
        }
        NoteFact::append($check, UuidV7::generate(), $track, 'seat', (object) $seat, $author, $this->clock->now(), "shelf: {$model->title()}, version {$model->version}");
        try {
            $check->caseOf($track);
        } catch (InvalidCase $e) {
            throw new UnreadableAnswer('With this model ' . $e->problems[0]->path . ' ' . $e->problems[0]->message . '. Put that right first.');
        }
    }
}
