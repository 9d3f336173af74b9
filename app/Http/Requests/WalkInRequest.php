<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Arrival;
use App\Actions\ArrivingChild;
use App\Finders\Finder;
use App\Finders\FinderPage;
use App\Models\Day;
use App\Units;
use Illuminate\Foundation\Http\FormRequest;
use MintBuckle\Core\Rulebook;

/** A finder's facts that become a check: whose, and with what was entered. */
final class WalkInRequest extends FormRequest
{
    use BySomebody;

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
            'first_name.required' => 'Enter the first name that the family is called by.',
            'consent.accepted' => 'Ask the family whether you may check their seat, and tick here when they say yes.',
        ];
    }

    public function day(): Day
    {
        return Day::current()->load('recallList');
    }

    public function toInput(Finder $finder, Rulebook $rulebook): Arrival
    {
        $page = new FinderPage($finder, (array) $this->input('f', []), Units::remembered($this->cookie(Units::COOKIE)), $this->day(), $rulebook, $this->author());
        $facts = array_diff_key($page->forACheck(), ['vehicle' => true]);

        return new Arrival(
            $this->string('submission')->toString(),
            $this->string('first_name')->trim()->toString(),
            null,
            'Car not entered yet',
            null,
            self::places(),
            [new ArrivingChild($page->model(), $facts)],
        );
    }

    /** @return list<array<string, mixed>> the places that nearly every car has, of which nothing is known yet; a finder's place is the first */
    private static function places(): array
    {
        return array_map(static fn(string $name): array => ['name' => $name], ['2L', '2C', '2R', '1R']);
    }
}
