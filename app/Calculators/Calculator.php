<?php

declare(strict_types=1);

namespace App\Calculators;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A question that can be answered without a visit: which facts it needs, and where in a check they belong. */
enum Calculator: string
{
    case Expiry = 'expiry';
    case Recall = 'recall';
    case Locking = 'locking';
    case Anchors = 'anchors';
    case Wedge = 'wedge';
    case Slot = 'slot';
    case Modes = 'modes';
    case BeltFit = 'belt-fit';
    case Extras = 'extras';
    case Room = 'room';
    case Flight = 'flight';

    /** Facts that no check keeps, only a calculator asks. */
    public const OWN = 'own.';

    /** What a seat that stands in no catalogue must be asked for, by the way in which it is to fly. */
    private const LIMITS = [
        'seat.modes.rear_harness.weight_max',
        'seat.modes.rear_harness.height_max',
        'seat.modes.forward_harness.weight_max',
        'seat.modes.forward_harness.height_max',
    ];

    /** What can only be seen with the child in the seat; asked where the seat's own limits need it. */
    public const SEATED = ['setup.head_to_shell_top', 'setup.ears_above', 'setup.marker', 'child.shoulder_height', 'child.sits_unaided'];

    /** What is asked of the car at the other end of a flight, and of the seat that must be locked there. */
    private const OTHER_CAR = [
        'vehicle.positions.0.belt',
        'vehicle.positions.0.retractor',
        'vehicle.positions.0.latch_plate',
        'seat.lockoff',
        'seat.clamp_door',
        'seat.lockoff_on',
        'own.handle',
        'own.other_handle',
    ];

    public function title(): Message
    {
        return new Message("calculators.{$this->value}.title");
    }

    public function line(): Message
    {
        return new Message("calculators.{$this->value}.line");
    }

    /** Where its facts belong in a check, so that one made of it opens there. */
    public function station(): Station
    {
        return match ($this) {
            self::Expiry, self::Recall, self::Flight => Station::Label,
            self::Extras => Station::History,
            self::Modes, self::BeltFit => Station::Child,
            self::Room => Station::Place,
            self::Locking, self::Anchors => Station::Secure,
            self::Wedge => Station::Measure,
            self::Slot => Station::Buckle,
        };
    }

    public function asksModel(): bool
    {
        return in_array('own.model', $this->facts(), true);
    }

    /** @return list<string> facts it asks, in order; a place's stand under the first position */
    public function facts(): array
    {
        return match ($this) {
            self::Expiry => ['seat.made_on', 'seat.life_years', 'seat.use_until'],
            self::Recall => ['seat.maker', 'seat.model', 'seat.made_on', 'seat.serial', 'seat.remedied'],
            self::Locking => [
                'setup.mode',
                'vehicle.positions.0.belt',
                'vehicle.positions.0.retractor',
                'vehicle.positions.0.latch_plate',
                'seat.lockoff',
                'seat.clamp_door',
                'seat.lock_retractor_too',
            ],
            self::Anchors => ['setup.mode', 'seat.lower_anchor_child_max', 'seat.made_on', 'seat.weight', 'child.weight'],
            self::Wedge => [
                'setup.angle',
                'setup.angle_from',
                'seat.base_length',
                'child.sits_unaided',
                'seat.modes.rear_harness.angle_min',
                'seat.modes.rear_harness.angle_max',
                'seat.wedge_ok',
                'own.noodle',
            ],
            self::Slot => ['setup.mode', 'child.shoulder_height', 'seat.slots', 'seat.standards', 'setup.harness.slot'],
            self::Modes => ['own.model', 'child.born_on', 'child.weight', 'child.height', 'child.sex', 'seat.made_on'],
            self::BeltFit => [
                'child.born_on',
                'child.height',
                'setup.belt_fit.back',
                'setup.belt_fit.knees',
                'setup.belt_fit.lap',
                'setup.belt_fit.shoulder',
                'setup.belt_fit.stays',
            ],
            self::Extras => ['seat.history.extras'],
            self::Room => [
                'own.missing',
                'own.shell',
                'setup.angle',
                'seat.modes.rear_harness.angle_min',
                'own.handle',
                'own.other_handle',
                'own.base',
            ],
            self::Flight => [
                'own.model',
                'setup.mode',
                'seat.aircraft_certified',
                'seat.detachable',
                'seat.baseless',
                'child.born_on',
                'child.weight',
                'child.height',
                ...self::LIMITS,
                ...self::SEATED,
                ...self::OTHER_CAR,
            ],
        };
    }

    /** Which part of its form a fact stands in: '', or car for what is asked of the car at the other end of a flight. */
    public function part(string $path): string
    {
        return $this === self::Flight && in_array($path, self::OTHER_CAR, true) ? 'car' : '';
    }

    /** Whether a check that is made of it keeps a fact: never what is not its own, nor another car than its own. */
    public function isForACheck(string $path): bool
    {
        $isOfOtherCar = $this === self::Flight && preg_match('/\A(vehicle|setup\.position|setup\.held_by)\b/', $path) === 1;

        return ! $isOfOtherCar && ! str_starts_with($path, self::OWN);
    }

    /**
     * Whether a fact is asked, by what is known already: what a model or a check says is read, never asked again.
     *
     * @param stdClass $case as far as it was answered
     * @param stdClass $known what stands before anything is answered, in the case format's shape
     * @param list<string> $missing paths of what an answer still lacks
     */
    public function asks(string $path, stdClass $case, stdClass $known, array $missing): bool
    {
        if ($this !== self::Flight) {
            return true;
        }
        $mode = CasePath::get($case, 'setup.mode');
        $isWanted = in_array($path, $missing, true) || CasePath::get($case, $path) !== null;

        return match (true) {
            self::isGiven($path, $known), CasePath::get($known, 'bus.system') !== null => false,
            $path === 'seat.baseless' => CasePath::get($case, 'seat.detachable') === true,
            in_array($path, self::SEATED, true), in_array($path, ['seat.lockoff', 'seat.clamp_door', 'seat.lockoff_on'], true) => $isWanted,
            in_array($path, self::LIMITS, true) => is_string($mode) && str_contains($path, ".{$mode}."),
            in_array($path, ['own.handle', 'own.other_handle'], true) => self::mayMoveItsHandle($case, $mode),
            default => true,
        };
    }

    /** Whether a rear-facing seat has, or may have, a handle with more than one position for travel. */
    private static function mayMoveItsHandle(stdClass $case, mixed $mode): bool
    {
        $positions = CasePath::get($case, 'seat.modes.rear_harness.handle_positions');

        return $mode === ModeName::RearHarness->value
            && (is_array($positions) ? count($positions) > 1 : CasePath::get($case, 'seat.detachable') === true);
    }

    /** Whether a model's own data or a check answer it, and so nothing that was typed may. */
    public static function isGiven(string $path, stdClass $known): bool
    {
        return CasePath::get($known, $path) !== null;
    }

    /** @return array<string, mixed> what holds whatever is answered */
    public function given(): array
    {
        $place = ['vehicle' => ['positions' => [['name' => '2L']]], 'setup.position' => '2L'];
        $rear = ['setup.mode' => 'rear_harness', 'setup.level_ground' => true, 'setup.indicator' => 'too_upright'];

        return match ($this) {
            self::Locking, self::Flight => $place + ['setup.held_by' => 'belt'],
            self::Anchors => $place + ['setup.held_by' => 'lower_anchors'],
            self::Wedge, self::Room => $rear,
            self::BeltFit => ['setup.mode' => 'belt_only'],
            default => [],
        };
    }

    /** @return array<string, true> choices of a fact that this calculator is not about */
    public function leftOut(string $path): array
    {
        $left = match (true) {
            $path !== 'setup.mode' => [],
            $this === self::Locking || $this === self::Anchors || $this === self::Slot => array_filter(
                ModeName::cases(),
                static fn(ModeName $mode): bool => ! $mode->hasHarness(),
            ),
            $this === self::Flight => array_filter(ModeName::cases(), static fn(ModeName $mode): bool => ! $mode->hasSeat()),
            default => [],
        };

        return array_fill_keys(array_column($left, 'value'), true);
    }

    /** @return list<Askable> what only calculators ask */
    public static function ownQuestions(): array
    {
        return [
            Askable::besides('own.noodle', Station::Measure, AnswerKind::Length),
            Askable::besides('own.model', Station::Child, AnswerKind::Text),
            Askable::besides('own.missing', Station::Place, AnswerKind::Length),
            Askable::besides('own.shell', Station::Place, AnswerKind::Length),
            Askable::besides('own.handle', Station::Place, AnswerKind::Length),
            Askable::besides('own.other_handle', Station::Place, AnswerKind::Length),
            Askable::besides('own.base', Station::Place, AnswerKind::Length),
        ];
    }
}
