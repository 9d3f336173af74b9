<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bus\BusDraft;
use App\Bus\HandPlacing;
use App\Bus\PlanPage;
use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\Bus\ByHand\Placing;

/**
 * A bus as it is being planned: which one, who rides, how many of each system there are, who stays where, which proposal, and where
 * somebody was put by hand.
 */
final class BusPlanRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['submission' => ['nullable', 'uuid']];
    }

    /** By which a trip's list that is sent twice is known. */
    public function submission(): string
    {
        return $this->filled('submission') ? $this->string('submission')->toString() : (string) Str::uuid();
    }

    /** @return PlanPage|null null while no bus has been entered */
    public function page(): ?PlanPage
    {
        $layouts = BusLayout::inUse()->get();
        $layout = $layouts->find($this->integer('bus')) ?? $layouts->find($this->integer('shown')) ?? $layouts->first();

        return $layout === null ? null : $this->of($layout, $layouts);
    }

    /** @param Collection<int, BusLayout> $layouts */
    private function of(BusLayout $layout, Collection $layouts): PlanPage
    {
        $isOther = $this->integer('shown') !== $layout->id;
        $roster = $isOther ? $layout->roster : $this->string('roster')->toString();
        $keep = $isOther ? [] : $this->keep();
        $counts = $isOther ? [] : array_filter((array) $this->input('count', []), is_string(...));
        $units = Units::remembered($this->cookie(Units::COOKIE));
        $draft = BusDraft::of($layout, CheckupEvent::current(), $roster, $counts, $keep, $units);
        $request = $this->isMethod('post') && ! $isOther ? $draft->request : null;
        $answer = $request === null ? null : BusPlanner::plan($request);
        $placing = $request === null || $answer === null ? null : $this->placing($request, $answer);

        return new PlanPage($layouts, $layout, $draft, $answer, $placing, $roster, max(0, $this->integer('plan')), $keep, $counts, $units);
    }

    /** @return Placing|null null while nobody was put anywhere by hand */
    private function placing(BusRequest $request, BusAnswer $answer): ?Placing
    {
        $taken = $this->filled('take') ? $answer->plans[$this->integer('take')] ?? null : null;
        if ($this->boolean('drop')) {
            return null;
        }
        if ($taken !== null) {
            return HandPlacing::taken($request, $taken);
        }
        $placing = HandPlacing::read($request, $this->texts('at'));
        $placing = $this->boolean('move') ? HandPlacing::moved($placing, $this->mover(), $this->string('move_to')->toString()) : $placing;

        return $placing->seats === [] ? null : $placing;
    }

    /** @return list<string> "Ada|1|left": those ticked, and who is moved now, at where they are moved to */
    private function keep(): array
    {
        $keep = $this->boolean('drop') ? [] : $this->texts('keep');
        if (! $this->boolean('move') || preg_match('/\A\d{1,3}\|(left|right)/', $this->string('move_to')->toString(), $bench) !== 1) {
            return $keep;
        }
        $others = array_filter($keep, fn(string $one): bool => ! str_starts_with($one, "{$this->mover()}|"));

        return $this->mover() === '' ? $keep : [...array_values($others), "{$this->mover()}|{$bench[0]}"];
    }

    private function mover(): string
    {
        return $this->string('move_rider')->toString();
    }

    /** @return list<string> */
    private function texts(string $key): array
    {
        return array_values(array_filter((array) $this->input($key, []), is_string(...)));
    }
}
