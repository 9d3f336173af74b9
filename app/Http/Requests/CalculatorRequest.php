<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Calculators\Calculator;
use App\Calculators\CalculatorPage;
use App\Calculators\ModelsToChoose;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Units;
use App\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use MintBuckle\Core\Rulebook;

/** What was typed into a calculator, and the check it was opened from. */
final class CalculatorRequest extends FormRequest
{
    use ReadsText;
    use BySomebody;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function page(Calculator $calculator, Rulebook $rulebook): CalculatorPage
    {
        return new CalculatorPage(
            $calculator,
            ModelsToChoose::in(
                $calculator,
                $this->string('model')->trim()->toString(),
                data_get($this->query('f'), ['own.model', 'answer']),
            ),
            (array) $this->query('f', []),
            Units::remembered($this->cookie(Units::COOKIE)),
            $this->check()?->visit->event ?? CheckupEvent::current()->load('recallList'),
            $rulebook,
            $this->author(),
            $this->check(),
        );
    }

    /** The one asked for, else the family's, else the reader's own. */
    public function language(Languages $languages): string
    {
        $asked = $this->string('language')->toString();

        return $languages->has($asked) ? $asked : $this->check()->visit->language ?? app()->getLocale();
    }

    private function check(): ?Check
    {
        $id = $this->query('check');

        return is_string($id) && $id !== ''
            ? Check::query()->with('visit.event.recallList', 'facts')->findOrFail(Str::isUuid($id) ? $id : abort(404))
            : null;
    }
}
