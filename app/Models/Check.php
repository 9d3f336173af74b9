<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\AssembleCase;
use App\Actions\CaseOfFacts;
use App\LoggedFact;
use App\Track;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use MintBuckle\Core\CaseFile\InvalidCase;

/**
 * One seat, one child, one place in one car.
 *
 * @property string $id
 * @property int $visit_id
 * @property string $letter
 * @property int|null $seat_model_id
 * @property CarbonImmutable|null $signed_at
 * @property int|null $signed_by
 * @property string|null $rulebook
 * @property array<string, mixed>|null $assessment
 * @property array<string, mixed>|null $sheet
 * @property Visit $visit
 * @property SeatModel|null $seatModel
 * @property User|null $signer
 * @property Collection<int, Fact> $facts
 */
final class Check extends Model
{
    protected $fillable = ['id', 'visit_id', 'letter', 'seat_model_id', 'signed_at', 'signed_by', 'rulebook', 'assessment', 'sheet'];

    /** @var list<LoggedFact>|null */
    private ?array $logged = null;

    /** @var array<string, CaseOfFacts> by track */
    private array $cases = [];

    public $incrementing = false;

    protected $keyType = 'string';

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

    /** @return list<LoggedFact> every fact in the order in which they came, read once */
    public function logged(): array
    {
        return $this->logged ??= array_values($this->relationLoaded('facts')
            ? $this->facts->map(LoggedFact::of(...))->all()
            : Fact::rows()->where('check_id', $this->id)->orderBy('seq')->get(LoggedFact::COLUMNS)->map(LoggedFact::ofRow(...))->all());
    }

    /**
     * The case that the facts of a track make, read once.
     *
     * @throws InvalidCase when they contradict the format, which recording them prevents
     */
    public function caseOf(Track $track): CaseOfFacts
    {
        return $this->cases[$track->value] ??= AssembleCase::of($this, $track);
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
            'signed_at' => 'immutable_datetime',
            'assessment' => 'array',
            'sheet' => 'array',
        ];
    }
}
