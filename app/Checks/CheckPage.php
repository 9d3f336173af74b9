<?php

declare(strict_types=1);

namespace App\Checks;

use App\Catalogue\ManualPage;
use App\Findings\SeenBefore;
use App\Models\Check;
use App\Models\Photo;
use App\Models\SeatModel;
use App\Models\User;
use App\Photos\PhotoOf;
use App\Recalls\NameDoubt;
use App\Units;
use App\Words\Telling;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Bus\BusPart;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Card\TakingOut;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Locking\BeltTree;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\ListingKind;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Handbook\Help;

/** Everything the check screen shows, for one phase and one station. */
final readonly class CheckPage
{
    public Check $check;

    public InspectionPhase $phase;

    public Assessment $assessment;

    /** @var list<StationNavItem> */
    public array $stations;

    /** @var list<AskedRow> what a rule still needs, or what is known */
    public array $rows;

    /** @var list<Askable> what may be noted besides */
    public array $more;

    /** @var NextThing the one thing to do next */
    public NextThing $now;

    /** @var list<Finding> found open, and no longer there */
    public array $corrected;

    public CaseFile $case;

    public AssessmentContext $situation;

    public CheckDrawings $drawings;

    /** @var NameDoubt|null a maker or model that nothing could be matched with */
    public ?NameDoubt $doubt;

    /** @var LoggedFact|null the last entry of this phase, that can be taken back */
    public ?LoggedFact $last;

    /** @var bool the family has left: read only */
    public bool $signed;

    /** @var string where facts are posted to; made once, since every row needs it */
    public string $factsUrl;

    /** @var string the check's address; made once, since every station and every form stands below it */
    private string $url;

    private AskedRows $asked;

    private FactLog $facts;

    public Station $station;

    /**
     * @param Station $from where the technician is
     * @param list<PartialDate> $readings what a date that was refused can mean
     * @param bool $onward the station of the next question is shown, once this one asks no more
     */
    public function __construct(
        private JudgedCheck $judged,
        Station $from,
        public Units $units,
        public ?string $problem = null,
        public ?string $problemKey = null,
        ?string $noting = null,
        public array $readings = [],
        bool $onward = false,
    ) {
        $check = $this->check = $judged->check;
        $phase = $this->phase = $judged->phase;
        $this->signed = $check->signed_at !== null;
        $this->url = dirname(route('checks.log', $check->id));
        $folded = $judged->folded;
        $this->facts = $folded->facts;
        $this->case = $folded->case;
        $this->assessment = $judged->assessment;
        $this->doubt = $judged->doubt;
        $this->situation = $this->assessment->situation;
        $this->drawings = new CheckDrawings($this->situation, $phase, $units, $this->facts);
        $this->corrected = $judged->corrected;
        $this->stations = array_map(
            fn(Station $s): StationNavItem => StationNavItem::of($s, $this->assessment, $this->phase),
            Station::of($this->onBus()),
        );
        $from = in_array($from, Station::of($this->onBus()), true) ? $from : Station::Label;
        $this->asked = new AskedRows($phase, $folded->raw, $this->situation, $this->assessment, $this->facts, $folded->stale);
        $this->now = NextThing::at($from, $this->asked, $this->assessment, $this->facts, $phase, $this->signed);
        $station = $this->station = $onward ? $this->now->station ?? $from : $from;
        $this->factsUrl = $this->post('facts');
        [$rows, $this->more] = $this->asked->at($station, $noting ?? $problemKey);
        $asked = $this->now->paths();
        $this->rows = array_values(array_filter($rows, static fn(AskedRow $row): bool => ! in_array($row->path, $asked, true)));
        $this->last = $this->facts->last($phase);
    }

    /** @return list<array{part: BusPart|null, rows: non-empty-list<AskedRow>}> the rows, those of a bus under headings */
    public function parts(): array
    {
        if ($this->station !== Station::Bus || $this->rows === []) {
            return $this->rows === [] ? [] : [['part' => null, 'rows' => $this->rows]];
        }
        $parts = array_map(fn(BusPart $part): array => ['part' => $part, 'rows' => array_values(array_filter(
            $this->rows,
            static fn(AskedRow $row): bool => BusPart::of($row->path) === $part,
        ))], BusPart::cases());

        return array_values(array_filter($parts, static fn(array $part): bool => $part['rows'] !== []));
    }

    /** Whether the child rides on a bus, which has a station of its own. */
    public function onBus(): bool
    {
        return $this->situation->bus !== null;
    }

    /** The station before this one; null at the first. */
    public function before(): ?Station
    {
        return $this->station->before($this->onBus());
    }

    /** The station after this one; null at the last. */
    public function after(): ?Station
    {
        return $this->station->after($this->onBus());
    }

    public function title(): string
    {
        return $this->check->title();
    }

    /** What the browser's window is called. */
    public function heading(): string
    {
        return $this->title() . ' · ' . Telling::now()->tell($this->station->title());
    }

    /** The child's age and weight, and its seat. */
    public function subtitle(): string
    {
        return Telling::in(app()->getLocale(), $this->units)->show(Listing::of(ListingKind::Line, array_values(array_filter([
            $this->situation->age,
            $this->case->child->weight,
            trim(($this->case->seat->maker ?? '') . ' ' . ($this->case->seat->model ?? '')),
        ], static fn(mixed $one): bool => $one !== null && $one !== ''))));
    }

    /**
     * What the verdict counts: "1 thing to put right, 4 to look at".
     *
     * @param bool $short where there is room for a line of a phone: "1 to fix, 4 to look at"
     */
    public function tally(bool $short = false): Message
    {
        $count = fn(Severity $severity): int => count(array_filter(
            $this->assessment->findings,
            static fn(Finding $f): bool => $f->severity === $severity,
        ));
        $counted = array_filter([
            'stops' => $count(Severity::Stop),
            'fixes' => $count(Severity::Fix),
            'looks' => count($this->assessment->questions),
        ]);

        return $counted === []
            ? new Message('checks.tally.nothing')
            : new Message('checks.tally.all', ['counted' => Listing::names(array_map(
                static fn(string $what, int $n): Message => new Message('checks.tally.' . ($short ? 'short.' : '') . $what, ['n' => $n]),
                array_keys($counted),
                array_values($counted),
            ))]);
    }

    /** Where the one thing to do next stands: on this page, at another station, at another seat of the family, or past the check. */
    public function onward(): string
    {
        $station = $this->now->station;

        return match (true) {
            $station !== null && $station !== $this->station => $this->link(station: $station),
            $station !== null => '#next',
            default => $this->afterwards()->address(),
        };
    }

    public function afterwards(): Afterwards
    {
        return once(fn(): Afterwards => Afterwards::of($this->judged));
    }

    public function link(?InspectionPhase $phase = null, ?Station $station = null): string
    {
        return "{$this->url}/" . ($phase ?? $this->phase)->value . '/' . ($station ?? $this->station)->value;
    }

    /** @param 'facts'|'undo'|'declines'|'names'|'looks'|'tries'|'photos' $what is posted; the answer shows this station */
    public function post(string $what): string
    {
        return "{$this->url}/{$what}/{$this->station->value}";
    }

    /** @param 'card/technician'|'log'|'case'|'practices'|'amend'|'seat'|'label'|'manual'|'instead' $what of the check */
    public function address(string $what): string
    {
        return "{$this->url}/{$what}";
    }

    /** @return list<FindingCard> */
    public function findingsAt(Station $station): array
    {
        return array_map(
            fn(Finding $f): FindingCard => FindingCard::of($f, $this->asked, $this->facts),
            $this->assessment->findingsAt($station),
        );
    }

    /** Whether this person has signed as technician. */
    public function hasSigned(?User $person): bool
    {
        return $person !== null && $this->case->handover?->technician?->id === $person->login;
    }

    /** @return Collection<int, User> who may sign beside the technician, on the same device */
    public function seconds(): Collection
    {
        return once(static fn(): Collection => User::besides(auth()->user()));
    }

    /** @return Collection<int, Photo> of what this station shows */
    public function photos(): Collection
    {
        return $this->check->photosOf(PhotoOf::at($this->station));
    }

    /** When what is typed in from paper was seen, by the event's clock; null: it is entered as it is seen. */
    public function seenAt(): ?string
    {
        $seen = SeenAt::of($this->check);

        return $seen === null ? null : $this->check->visit->event->clock($seen);
    }

    /** @return list<array{name: string, essential: bool}> that came with a seat of this model, as its catalogue entry says */
    public function modelParts(): array
    {
        return $this->model()->about['parts'] ?? [];
    }

    /** The catalogue's model of the seat; null where it is not known there. */
    public function model(): ?SeatModel
    {
        return once(fn(): ?SeatModel => SeatModel::known($this->check->seat_model_id));
    }

    /** What earlier checks of such seats teach. */
    public function seenBefore(): ?SeenBefore
    {
        return once(fn(): ?SeenBefore => SeenBefore::of($this->case->seat));
    }

    /** Whether it can be registered here: seen as not registered, or not asked, and named so far that its maker would know it. */
    public function mayRegister(): bool
    {
        $seat = $this->case->seat;

        return ! $this->signed && $this->phase === InspectionPhase::Left && $seat?->maker !== null && $seat->registered !== true;
    }

    /** What the last entry was about: "Chest clip". */
    public function lastEntry(): ?Message
    {
        return $this->last === null ? null : LogLine::what($this->last->key);
    }

    /** Whether it is one of several rules that label and manual give, of a seat that the catalogue does not know. */
    public function isFromManual(AskedRow $row): bool
    {
        return $this->check->seat_model_id === null
            && $this->phase === InspectionPhase::Found
            && in_array($row->path, ManualPage::needed($this->judged), true);
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
        $shown = array_map(
            static fn(AskedRow $row): string => $row->path,
            [...$this->rows, ...array_filter([$this->now->row])],
        );
        $tried = $this->station === Station::Measure && $this->problemOfTry() !== null;

        return $tried || in_array($this->problemKey, $shown, true) ? null : $this->problem;
    }

    public function beltTree(): BeltTree
    {
        return new BeltTree();
    }

    /** @return list<Help> what helps busy hands at this station */
    public function help(): array
    {
        $s = $this->situation;

        return match (true) {
            $this->station === Station::Secure && $s->onlyAnchorsHold() => [Help::gettingItTight($s->isRear())],
            $this->station === Station::Secure && $s->isHarness() => [
                Help::gettingItTight($s->isRear()),
                Help::lockingABelt(),
                Help::lockingClip(),
            ],
            $this->station === Station::Measure && $s->isHarness() => [Help::measuringMovement()],
            $this->station === Station::Buckle && $s->isHarness() => [Help::tightness(NextThing::ownStrapTest($s))],
            default => [],
        };
    }

    /** @return list<Message> */
    public function takingOut(): array
    {
        return TakingOut::of($this->situation);
    }

    /** The same check on the other phase, for the hand-over's two pictures. */
    public function otherDrawings(): ?CheckDrawings
    {
        $other = $this->judged->other;

        return $other === null
            ? null
            : new CheckDrawings(new AssessmentContext($other->case), $this->phase->other(), $this->units, $other->facts);
    }

    /** Whether a tether may have held the seat while its movement was tried; forward-facing one is usual even before it was looked at. */
    public function mayTetherBeTight(): bool
    {
        $used = $this->situation->setup()->tether->used;

        return $used === true || ($used === null && $this->situation->isForwardHarness());
    }

    /** @return list<LogLine> */
    public function trail(): array
    {
        return MovementTrail::of($this->facts, $this->case);
    }

    /** @return list<LogLine> what was changed between found and left */
    public function changes(): array
    {
        return LogLine::changes(
            $this->phase === InspectionPhase::Left || $this->judged->other === null ? $this->facts : $this->judged->other->facts,
            $this->case,
        );
    }
}
