<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use App\Units;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Visits\ChildReader;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Telling\Message;

/** A rider on a bench of a bus, and what is to keep them there. */
final class BusCheckRequest extends FormRequest
{
    use AsWritten;
    use BySomebody;
    use ReadsText;

    private const FIELDS = [
        'child.born_on' => 'born_on',
        'child.due_on' => 'born_on',
        'child.weight' => 'weight',
        'child.height' => 'height',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'submission' => ['required', 'uuid'],
            'units' => ['nullable', Rule::enum(Units::class)],
            'first_name' => ['required', 'string', 'max:60'],
            'consent' => ['accepted'],
            'born_on' => ['nullable', 'string', 'max:40', self::labelDate(...)],
            'weight' => ['nullable', 'string', 'max:20', self::amount(...)],
            'height' => ['nullable', 'string', 'max:20', self::amount(...)],
            'system' => ['required', Rule::enum(BusSystem::class)],
            'seat' => ['nullable', 'integer', 'exists:seat_models,id'],
            'bus' => ['nullable', 'integer', 'exists:bus_layouts,id'],
            'bench' => ['nullable', 'required_with:bus', 'regex:/\A\d{1,3}\|(left|right)\z/'],
            'row' => ['nullable', 'required_without:bus', 'integer', 'between:1,100'],
            'side' => ['nullable', 'required_without:bus', Rule::enum(BenchSide::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $word = Telling::now()->word(...);

        return [
            'first_name.required' => $word('refused.arrive.first_name'),
            'consent.accepted' => $word('refused.walk_in.consent'),
            'system.*' => $word('refused.bus.system'),
            'seat.*' => $word('refused.bus.seat'),
            'bench.*' => $word('refused.bus.bench'),
            'row.*' => $word('refused.bus.row'),
            'side.*' => $word('refused.bus.side'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $arrival = $this->toInput();
            foreach (self::problems($arrival, $arrival->children[0]) as $problem) {
                $validator->errors()->add(
                    self::FIELDS[$problem->path] ?? 'seat',
                    Telling::now()->says(new Message('refused.at_field', ['problem' => $problem->told()])),
                );
            }
        }];
    }

    public function event(): CheckupEvent
    {
        return CheckupEvent::current()->load('recallList');
    }

    public function toInput(): Arrival
    {
        return new Arrival(
            $this->string('submission')->toString(),
            $this->string('first_name')->trim()->toString(),
            null,
            $this->bus()->name ?? Telling::now()->word('bus.title'),
            null,
            null,
            [$this->rider()],
            app()->getLocale(),
        );
    }

    private function rider(): ArrivingChild
    {
        $reader = new ChildReader(
            Units::tryFrom($this->string('units')->toString()) ?? Units::remembered($this->cookie(Units::COOKIE)),
            $this->event(),
        );
        $system = BusSystem::from($this->string('system')->toString());
        $model = $system->isRestraint() ? SeatModel::query()->find($this->integer('seat')) : null;
        $facts = ChildReader::born($this->typed('born_on'), $this->event()) + [
            'child.weight' => $reader->measured($this->typed('weight'), AnswerKind::Mass),
            'child.height' => $reader->measured($this->typed('height'), AnswerKind::Length),
            'bus.system' => $system->value,
            ...$this->bench(),
            'seat' => $model?->rules,
            'setup.mode' => self::mode($system, $model)?->value,
        ];

        return new ArrivingChild($model, array_filter($facts, static fn(mixed $fact): bool => $fact !== null));
    }

    private function bus(): ?BusLayout
    {
        return $this->filled('bus') ? BusLayout::query()->find($this->integer('bus')) : null;
    }

    /** @return array<string, mixed> where the rider sits, and what is known of a bench of a bus that was entered */
    private function bench(): array
    {
        $bus = $this->bus();
        if ($bus === null) {
            return ['bus.bench.row' => $this->integer('row'), 'bus.bench.side' => $this->string('side')->toString()];
        }
        [$row, $side] = [...explode('|', $this->string('bench')->toString()), ''];
        $known = array_values(array_filter(
            array_map(static fn(object $bench): array => (array) $bench, $bus->benches),
            static fn(array $bench): bool => ($bench['row'] ?? null) === (int) $row && ($bench['side'] ?? null) === $side,
        ))[0] ?? [];

        return [
            'bus.gross_weight' => $bus->gross_weight,
            'bus.bench.row' => (int) $row,
            'bus.bench.side' => $side,
            'bus.bench.exit' => $known['exit'] ?? null,
            'bus.bench.belt' => $known['belt'] ?? null,
            'bus.bench.lower_anchors' => $known['lower_anchors'] ?? null,
        ];
    }

    /** Of a seat that offers the system in several ways the first; what is in use is looked at in the check. */
    private static function mode(BusSystem $system, ?SeatModel $model): ?ModeName
    {
        $offered = array_filter(
            ModeName::OF_SEATS,
            static fn(ModeName $mode): bool => $system->allows($mode)
                && CasePath::get((object) ['seat' => $model?->rules], "seat.modes.{$mode->value}") !== null,
        );

        return array_values($offered)[0] ?? $system->mode();
    }

    private function typed(string $key): ?string
    {
        $text = $this->string($key)->trim()->toString();

        return $text === '' ? null : $text;
    }
}
