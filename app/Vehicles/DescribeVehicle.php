<?php

declare(strict_types=1);

namespace App\Vehicles;

use App\Checks\AnswerReader;
use App\Checks\NoteFact;
use App\Checks\OpenCheck;
use App\Checks\SharedEntry;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Models\User;
use App\Models\VehicleLayout;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;
use stdClass;

/** What is seen at the car, once for all of the family's checks. */
final readonly class DescribeVehicle
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * One fact of one place.
     *
     * @param string $entry id of what was sent: sent twice, it is kept once
     * @param array<array-key, mixed> $posted
     * @throws UnreadableAnswer
     */
    public function place(string $entry, Visit $visit, string $place, string $field, array $posted, User $author): void
    {
        $askable = Questionnaire::standard()->for("vehicle.positions.0.{$field}")
            ?? throw UnreadableAnswer::because('not_of_a_place');
        $value = AnswerReader::read($askable, $posted, null, $author);
        $this->everywhere($entry, $visit, function (Check $check, string $id) use ($place, $field, $value, $author): void {
            $index = self::index($check, $place);
            if ($index !== null) {
                NoteFact::append(
                    $check,
                    $id,
                    self::phase($check),
                    "vehicle.positions.{$index}.{$field}",
                    $value,
                    $author,
                    $this->clock->now(),
                );
            }
        });
    }

    /**
     * Another arrangement of places; what is known of those that stay is kept.
     *
     * @param string $entry id of what was sent
     * @throws UnreadableAnswer where somebody sits in a place that it lacks
     */
    public function layout(string $entry, Visit $visit, VehicleLayout $layout, User $author): void
    {
        $this->everywhere($entry, $visit, function (Check $check, string $id) use ($layout, $author): void {
            $vehicle = $check->caseOf(InspectionPhase::Left)->raw->vehicle ?? null;
            $vehicle = $vehicle instanceof stdClass ? $vehicle : new stdClass();
            $known = [];
            foreach (is_array($vehicle->positions ?? null) ? $vehicle->positions : [] as $place) {
                if ($place instanceof stdClass && is_string($place->name ?? null)) {
                    $known[$place->name] = array_filter(get_object_vars($place), static fn(mixed $fact): bool => $fact !== null);
                }
            }
            $positions = array_map(
                static fn(array $place): array => (is_string($place['name'] ?? null) ? $known[$place['name']] ?? [] : []) + $place,
                $layout->positions,
            );
            NoteFact::append(
                $check,
                $id,
                InspectionPhase::Left,
                'vehicle',
                ['positions' => $positions] + get_object_vars($vehicle),
                $author,
                $this->clock->now(),
            );
        });
    }

    /**
     * @param callable(Check, string): void $write with the id of the fact that it writes
     * @throws UnreadableAnswer
     */
    private function everywhere(string $entry, Visit $visit, callable $write): void
    {
        DB::transaction(static function () use ($entry, $visit, $write): void {
            foreach ($visit->checks as $check) {
                OpenCheck::write($check, static function (Check $check) use ($entry, $write): void {
                    $shared = SharedEntry::of($entry, $check);
                    if ($shared->isKept()) {
                        return;
                    }
                    $write($check, $shared->id);
                    try {
                        $check->caseOf(InspectionPhase::Left);
                    } catch (InvalidCase $e) {
                        throw UnreadableAnswer::of($e->problems[0], 'move_first');
                    }
                });
            }
        });
    }

    /** The car is the same before and after: its facts belong to what was found, until the left phase has a car of its own. */
    private static function phase(Check $check): InspectionPhase
    {
        return json_encode(
            $check->caseOf(InspectionPhase::Found)->raw->vehicle ?? null,
        ) === json_encode($check->caseOf(InspectionPhase::Left)->raw->vehicle ?? null)
            ? InspectionPhase::Found
            : InspectionPhase::Left;
    }

    private static function index(Check $check, string $place): ?int
    {
        foreach ($check->caseOf(InspectionPhase::Left)->case->vehicle->positions ?? [] as $index => $position) {
            if ($position->name === $place) {
                return $index;
            }
        }

        return null;
    }
}
