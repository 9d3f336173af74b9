<?php

declare(strict_types=1);

namespace App\Vehicles;

use App\Checks\AskedRow;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Units;
use Illuminate\Support\Collection;
use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Seating\Arrangement;
use MintBuckle\Core\Seating\SeatingAnswer;
use MintBuckle\Core\Seating\SeatingPlan;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingRequest;
use MintBuckle\Core\Seating\YearPromise;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\CarPlan;

/** The plan of a family's car: who sits where, what the rules say of it, what would be better. */
final readonly class VehiclePage
{
    private const PROPOSALS = 3;

    private const OF_A_PLACE = 'vehicle.positions.*.';

    public Arrangement $now;

    public SeatingAnswer $answer;

    public ?SeatingPlan $shown;

    public CarPlan $drawing;

    /**
     * @param Collection<int, VehicleLayout> $layouts
     * @param list<string> $keep letters of children that are to stay
     */
    public function __construct(
        public Visit $visit,
        public SeatingRequest $request,
        public Collection $layouts,
        public array $keep,
        public int $plan,
        public Units $units,
    ) {
        $this->now = Arrangement::of($this->request);
        $this->answer = SeatingPlanner::plan($this->request);
        $this->shown = $this->answer->plans[$plan] ?? null;
        $this->drawing = CarPlan::of($this->request, $this->shown);
    }

    /** @return list<SeatingPlan> */
    public function proposals(): array
    {
        return array_slice($this->answer->plans, 0, self::PROPOSALS);
    }

    /** Whether nobody would have to move for the best plan that is known. */
    public function isBest(): bool
    {
        $best = $this->answer->plans[0] ?? null;
        foreach ($this->request->riders as $rider) {
            if ($best === null || $best->places[$rider->name] !== $rider->nowAt) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, Message> place => its title, of all places of the car */
    public function places(): array
    {
        $places = [];
        foreach ($this->request->vehicle->positions as $position) {
            $places[$position->name] = Answers::placeTitle($position->name);
        }

        return $places;
    }

    /** @return list<AskedRow> what can be said of a place */
    public function rowsOf(SeatingPosition $position): array
    {
        $case = $this->visit->checks->firstOrFail()->caseOf(InspectionPhase::Left)->case;
        $known = Writer::section($position);
        $rows = [];
        foreach (Questionnaire::standard()->at(Station::Place) as $askable) {
            if (str_starts_with($askable->path, self::OF_A_PLACE)) {
                $field = substr($askable->path, strlen(self::OF_A_PLACE));
                $value = $known[$field] ?? null;
                $rows[] = AskedRow::of($askable, "{$position->name}.{$field}", $case, is_array($value) ? (object) $value : $value, false);
            }
        }

        return $rows;
    }

    /** @return list<YearPromise> */
    public function promises(): array
    {
        return $this->request->vehicle->modelYear === null ? [] : YearPromise::of($this->request->vehicle->modelYear);
    }

    /** The address of this page with one more, or one fewer, child that stays. */
    public function toggled(string $letter): string
    {
        $keep = in_array($letter, $this->keep, true) ? array_values(array_diff($this->keep, [$letter])) : [...$this->keep, $letter];

        return route('visits.car', ['visit' => $this->visit, 'keep' => $keep]);
    }
}
