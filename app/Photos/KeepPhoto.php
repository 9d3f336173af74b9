<?php

declare(strict_types=1);

namespace App\Photos;

use App\Checks\OpenCheck;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Models\Family;
use App\Models\Photo;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Keeps a picture, or takes one away again, while the check is open. One that arrives twice is kept once. */
final readonly class KeepPhoto
{
    /** So many of one thing tell all there is to see. */
    private const MOST = 6;

    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer when it is no picture, there are many, the family has left or its data are gone */
    public function __invoke(Check $check, string $id, PhotoOf $about, string $bytes, User $author): void
    {
        $image = Jpeg::bare($bytes);
        OpenCheck::write($check, function (Check $check) use ($id, $about, $image, $author): void {
            if (Family::query()->whereKey($check->visit_id)->doesntExist()) {
                throw UnreadableAnswer::because('no_family');
            }
            if (Photo::query()->whereKey($id)->exists()) {
                return;
            }
            if (Photo::query()->where('check_id', $check->id)->where('about', $about)->count() >= self::MOST) {
                throw UnreadableAnswer::because('many_photos');
            }
            Photo::query()->create([
                'id' => $id,
                'visit_id' => $check->visit_id,
                'check_id' => $check->id,
                'about' => $about,
                'image' => $image,
                'taken_by' => $author->id,
                'taken_at' => $this->clock->now(),
            ]);
        });
    }

    /** @throws UnreadableAnswer when the family has left */
    public function away(Photo $photo): void
    {
        OpenCheck::write($photo->check, static function () use ($photo): void {
            $photo->delete();
        });
    }
}
