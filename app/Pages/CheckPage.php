<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\AssembleCase;
use App\FactLog;
use App\Models\Check;
use App\Track;
use App\Units;
use MintBuckle\Core\Asking\Catalogue;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\CaseFile\CaseFile;
use MintBuckle\Core\CaseFile\Reading\Reader;
use MintBuckle\Core\Drawing\BuckleFront;
use MintBuckle\Core\Drawing\LabelRuler;
use MintBuckle\Core\Drawing\MovementGauge;
use MintBuckle\Core\Finding\Assessment;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Situation;
use stdClass;

/** Everything the check screen shows, for one track and one station. */
final readonly class CheckPage
{
    public Assessment $assessment;

    /** @var list<StrapItem> */
    public array $strap;

    /** @var list<AskedRow> what a rule still needs, or what is known */
    public array $rows;

    /** @var list<AskedRow> what may be noted besides */
    public array $more;

    public ?AskedRow $next;

    /** @var list<Finding> found open, and no longer there */
    public array $corrected;

    public CaseFile $case;

    public Situation $situation;

    public BuckleFront $buckle;

    private stdClass $raw;

    private FactLog $facts;

    public function __construct(
        public Check $check,
        public Track $track,
        public Station $station,
        public Units $units,
        Rulebook $rulebook,
        public ?string $problem = null,
        public ?string $problemKey = null,
    ) {
        $this->facts = FactLog::of($check, $track);
        $this->raw = AssembleCase::of($check, $track);
        $this->case = Reader::fromObject($this->raw);
        $this->situation = new Situation($this->case);
        $this->buckle = BuckleFront::of($this->situation, $units->length());
        $this->assessment = Assessor::assess($this->case, $rulebook);
        $this->corrected = $track === Track::Found ? [] : FoundAndLeft::corrected(Assessor::assess(AssembleCase::read($check, Track::Found), $rulebook), $this->assessment);
        $this->strap = array_map(fn(Station $s): StrapItem => StrapItem::of($s, $this->assessment), Station::cases());
        [$this->rows, $this->more] = (new AskedRows($this->raw, $this->case, $this->situation, $this->assessment, $this->facts))->at($station);
        $this->next = $this->nextQuestion();
    }

    public function title(): string
    {
        return "Ticket {$this->check->visit->ticket} · Child {$this->check->letter}";
    }

    public function subtitle(): string
    {
        return implode(' · ', array_filter([
            $this->situation->age?->show(),
            $this->case->child->weight === null ? null : $this->units->show($this->case->child->weight),
            trim(($this->case->seat->maker ?? '') . ' ' . ($this->case->seat->model ?? '')),
        ]));
    }

    /** What the verdict counts: "1 thing to put right, 4 to look at". */
    public function tally(): string
    {
        $count = fn(Severity $severity): int => count(array_filter($this->assessment->findings, static fn(Finding $f): bool => $f->severity === $severity));
        $stops = $count(Severity::Stop);
        $fixes = $count(Severity::Fix);
        $open = count($this->assessment->questions);

        return implode(', ', array_filter([
            $stops === 0 ? null : ($stops === 1 ? '1 reason not to use it' : "{$stops} reasons not to use it"),
            $fixes === 0 ? null : ($fixes === 1 ? '1 thing to put right' : "{$fixes} things to put right"),
            $open === 0 ? null : "{$open} to look at",
        ])) ?: 'Everything looked at';
    }

    public function link(?Track $track = null, ?Station $station = null): string
    {
        return route('checks.show', [$this->check->id, ($track ?? $this->track)->value, ($station ?? $this->station)->value]);
    }

    public function isProblemOf(AskedRow $row): bool
    {
        return $this->problem !== null && $this->problemKey === $row->path;
    }

    /** What was wrong with the last try, if anything was. */
    public function problemOfTry(): ?string
    {
        return str_starts_with((string) $this->problemKey, 'setup.movement.') ? $this->problem : null;
    }

    /** A problem whose fact this station does not show; the others stand beside their fact. */
    public function problemElsewhere(): ?string
    {
        $shown = array_map(static fn(AskedRow $row): string => $row->path, [...$this->rows, ...$this->more, ...($this->next === null ? [] : [$this->next])]);
        $tried = $this->station === Station::Measure && $this->problemOfTry() !== null;

        return $tried || in_array($this->problemKey, $shown, true) ? null : $this->problem;
    }

    public function ruler(): LabelRuler
    {
        return LabelRuler::of($this->case);
    }

    /** @return list<string> */
    public function takingOut(): array
    {
        return TakingOut::of($this->situation);
    }

    public function gauge(): MovementGauge
    {
        $tries = [];
        foreach (['side', 'front', 'up'] as $direction) {
            $tries[$direction] = array_map(self::length(...), $this->facts->history("setup.movement.{$direction}"));
        }

        return MovementGauge::of($tries['up'] === [] ? ['side' => $tries['side'], 'front' => $tries['front']] : $tries, MovementLimit::of($this->situation)->bound, $this->units->length());
    }

    private static function length(stdClass $measured): Length
    {
        $unit = is_string($measured->unit ?? null) ? LengthUnit::from($measured->unit) : LengthUnit::Millimetre;

        return Length::of(json_encode($measured->value ?? 0, JSON_THROW_ON_ERROR), $unit);
    }

    private function nextQuestion(): ?AskedRow
    {
        $catalogue = Catalogue::standard();
        $here = $this->assessment->questionsAt($this->station);
        foreach ([...$here, ...$this->assessment->questions] as $question) {
            $path = AskedRows::STAND_INS[$question->path] ?? $question->path;
            $askable = $catalogue->for($path);
            if ($askable !== null) {
                return AskedRow::open($askable, $path, $this->case);
            }
        }

        return null;
    }
}
