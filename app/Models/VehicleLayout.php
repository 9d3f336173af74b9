<?php

declare(strict_types=1);

namespace App\Models;

use App\Organisations\CurrentOrganisation;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use MintBuckle\Core\Recall\Folded;
use MintBuckle\Core\Telling\Message;

/**
 * The places of a kind of car, as far as its catalogue tells, or the mere shape of one; the rest is looked at.
 *
 * @property int $id
 * @property string $name a car's: "Halven Sound 2018, five seats"
 * @property list<array<string, mixed>> $positions
 *
 * @phpstan-type LayoutName object{id: int, name: string, folded: string, isShape: bool}
 */
final class VehicleLayout extends Model
{
    private const NAMES = 'vehicles.names';

    protected $fillable = ['name', 'positions'];

    /**
     * Names as they are searched; remembered until one is entered.
     *
     * @return list<LayoutName>
     */
    public static function names(): array
    {
        /** @var list<LayoutName> $names */
        $names = json_decode(
            Cache::rememberForever(CurrentOrganisation::key(self::NAMES), static fn(): string => json_encode(
                self::query()->orderBy('id')->get()->map(static fn(self $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'folded' => Folded::text($one->name),
                    'isShape' => $one->isShape(),
                ])->all(),
                JSON_THROW_ON_ERROR,
            )),
            false,
            8,
            JSON_THROW_ON_ERROR,
        );

        return $names;
    }

    public function title(): Message
    {
        return self::titleOf($this->name);
    }

    /** Those that ship with the product are told in the reader's language; others as they were entered. */
    public static function titleOf(string $name): Message
    {
        return new Message('layouts.' . Str::slug($name, '_'), ['name' => $name], otherwise: 'layouts.as_entered');
    }

    /** Only where its places are is known, not what they have. */
    public function isShape(): bool
    {
        return array_filter($this->positions, static fn(array $place): bool => array_keys($place) !== ['name']) === [];
    }

    /** The car without its year and shape: "Halven Sound". */
    public function carName(): string
    {
        return (string) preg_replace('/\s+(19|20)\d\d\z/', '', explode(',', $this->name)[0]);
    }

    /** Null where its name has none. */
    public function modelYear(): ?int
    {
        return preg_match('/\s((?:19|20)\d\d)\z/', explode(',', $this->name)[0], $year) === 1 ? (int) $year[1] : null;
    }

    protected static function booted(): void
    {
        $forget = static fn(): bool => Cache::forget(CurrentOrganisation::key(self::NAMES));
        static::saved($forget);
        static::deleted($forget);
    }

    protected function casts(): array
    {
        return [
            'positions' => 'array',
        ];
    }
}
