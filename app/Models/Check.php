<?php

declare(strict_types=1);

namespace App\Models;

use App\Checks\AssembleCase;
use App\Checks\Projection;
use App\Photos\PhotoOf;
use App\Words\Telling;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Kit\KitItem;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Telling\Message;

/**
 * One seat, one child, one place in one car.
 *
 * @phpstan-type Outcome array{kind: string, model: int|null, counts: array<string, int>, family: array<string, int>}
 *
 * @property string $id
 * @property int $visit_id
 * @property string $letter
 * @property int|null $seat_model_id
 * @property string|null $maker as the seat leaves, like the seven below: kept by Projection
 * @property string|null $model
 * @property string|null $serial
 * @property string|null $made_on as far as the label says
 * @property string|null $place in the car
 * @property array<string, int>|null $kit what was taken from the kit, by item
 * @property Verdict|null $verdict
 * @property string|null $judged_by edition of the rulebook
 * @property bool $is_left_begun whether anything was recorded as it leaves
 * @property CarbonImmutable|null $signed_at
 * @property int|null $signed_by
 * @property string|null $rulebook
 * @property array<string, mixed>|null $assessment
 * @property array<string, mixed>|null $sheet
 * @property Outcome|null $outcome what it adds to the figures, as it was signed
 * @property Visit $visit
 * @property SeatModel|null $seatModel
 * @property User|null $signer
 * @property Collection<int, Fact> $facts
 */
final class Check extends Model
{
    protected $fillable = [
        'id', 'visit_id', 'letter', 'seat_model_id', 'signed_at', 'signed_by', 'rulebook', 'assessment', 'sheet', 'outcome',
    ];

    /** @var list<LoggedFact>|null */
    private ?array $logged = null;

    /** @var array<string, FoldedCase> by phase */
    private array $cases = [];

    public $incrementing = false;

    protected $keyType = 'string';

    /** What it is called on the screens that belong to it. */
    public function title(): string
    {
        return Telling::now()->tell(new Message('checks.title', ['ticket' => $this->visit->ticket, 'letter' => $this->letter]));
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<SeatModel, $this> */
    public function seatModel(): BelongsTo
    {
        return $this->belongsTo(SeatModel::class);
    }

    /** @return BelongsTo<User, $this> */
    public function signer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'signed_by');
    }

    /** @return HasMany<Fact, $this> in the order in which they came */
    public function facts(): HasMany
    {
        return $this->hasMany(Fact::class)->orderBy('seq');
    }

    /** @return Collection<int, Photo> without their bytes, in the order in which they were taken */
    public function photosOf(?PhotoOf $about): Collection
    {
        return Photo::query()->where('check_id', $this->id)->where('about', $about)->orderBy('taken_at')->get(Photo::LISTED);
    }

    /** Whether it is the only seat of its visit. */
    public function isAlone(): bool
    {
        return self::query()->where('visit_id', $this->visit_id)->whereKeyNot($this->id)->doesntExist();
    }

    /** Another seat of the same visit that still has something to be looked at. */
    public function another(): ?self
    {
        return self::query()
            ->where('visit_id', $this->visit_id)
            ->whereKeyNot($this->id)
            ->whereNull('signed_at')
            ->whereRaw("coalesce(verdict, 'not_finished') = 'not_finished'")
            ->orderBy('letter')
            ->first();
    }

    /** @return Builder<self> in which a seat of the event's kit went home, the last first */
    public static function withSeatGiven(CheckupEvent $event): Builder
    {
        $seats = array_column(array_filter(KitItem::cases(), static fn(KitItem $item): bool => $item->isSeat()), 'value');

        return self::query()->whereRelation('visit', 'checkup_event_id', $event->id)
            ->whereRaw('jsonb_exists_any(kit, ?::text[])', ['{' . implode(',', $seats) . '}'])
            ->orderByDesc('updated_at');
    }

    /** @return list<LoggedFact> every fact in the order in which they came, read once */
    public function logged(): array
    {
        return $this->logged ??= array_values($this->relationLoaded('facts')
            ? $this->facts->map(static fn(Fact $fact): LoggedFact => $fact->logged())->all()
            : Fact::rows()->where('check_id', $this->id)->orderBy('seq')->get(LoggedFact::COLUMNS)->map(LoggedFact::ofRow(...))->all());
    }

    /**
     * The case that the facts of a phase make, read once.
     *
     * @throws InvalidCase when they contradict the format, which recording them prevents
     */
    public function caseOf(InspectionPhase $phase): FoldedCase
    {
        return $this->cases[$phase->value] ??= AssembleCase::of($this, $phase);
    }

    /** The facts of a phase; what was left stands on what was found. */
    public function log(InspectionPhase $phase): FactLog
    {
        return FactLog::of($this->logged(), $phase);
    }

    public function isBegun(InspectionPhase $phase): bool
    {
        return in_array($phase, array_map(static fn(LoggedFact $fact): InspectionPhase => $fact->phase, $this->logged()), true);
    }

    /** A fact that was just written, so that the log need not be read again. */
    public function noteLogged(LoggedFact $fact): void
    {
        $this->unsetRelation('facts');
        $this->cases = [];
        if ($this->logged !== null) {
            $this->logged[] = $fact;
        }
    }

    /** Somebody may have written: read again when asked next. */
    public function forgetLogged(): void
    {
        $this->logged = null;
        $this->cases = [];
        $this->unsetRelation('facts');
    }

    protected function casts(): array
    {
        return [
            'verdict' => Verdict::class,
            'is_left_begun' => 'boolean',
            'kit' => 'array',
            'signed_at' => 'immutable_datetime',
            'assessment' => 'array',
            'sheet' => 'array',
            'outcome' => 'array',
        ];
    }
}
