<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Calculators\Calculator;
use App\Calculators\CalculatorPage;
use App\Calculators\ModelsToChoose;
use App\Models\CheckupEvent;
use App\Models\VehicleLayout;
use App\Units;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use MintBuckle\Core\Rulebook;

/** A calculator's facts that become a check: whose, and with what was entered. */
final class WalkInRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'submission' => ['required', 'uuid'],
            'first_name' => ['required', 'string', 'max:60'],
            'consent' => ['accepted'],
            'f' => ['nullable', 'array', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'first_name.required' => Telling::now()->word('refused.arrive.first_name'),
            'consent.accepted' => Telling::now()->word('refused.walk_in.consent'),
        ];
    }

    public function event(): CheckupEvent
    {
        return CheckupEvent::current()->load('recallList');
    }

    public function toInput(Calculator $calculator, Rulebook $rulebook): Arrival
    {
        $page = new CalculatorPage(
            $calculator,
            ModelsToChoose::in($calculator, '', data_get($this->input('f'), ['own.model', 'answer'])),
            (array) $this->input('f', []),
            Units::remembered($this->cookie(Units::COOKIE)),
            $this->event(),
            $rulebook,
            $this->author(),
        );
        $facts = array_diff_key($page->forACheck(), ['vehicle' => true]);

        return new Arrival(
            $this->string('submission')->toString(),
            $this->string('first_name')->trim()->toString(),
            null,
            Telling::now()->word('visits.no_car'),
            null,
            new VehicleLayout(['name' => Telling::now()->word('visits.no_car'), 'positions' => self::places()]),
            [new ArrivingChild($page->model(), $facts)],
            app()->getLocale(),
        );
    }

    /**
     * The places that nearly every car has, of which nothing is known yet; a calculator's place is the first.
     *
     * @return list<array<string, mixed>>
     */
    private static function places(): array
    {
        return array_map(static fn(string $name): array => ['name' => $name], ['2L', '2C', '2R', '1R']);
    }
}
