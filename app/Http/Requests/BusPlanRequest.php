<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bus\BusDraft;
use App\Bus\PlanPage;
use App\Models\BusLayout;
use App\Models\CheckupEvent;
use App\Units;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use MintBuckle\Core\Bus\BusPlanner;

/** A bus as it is being planned: which one, who rides, how many of each system there are, who stays where, which proposal. */
final class BusPlanRequest extends FormRequest
{
    use BySomebody;

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
        $layouts = BusLayout::query()->orderBy('id')->get();
        $layout = $layouts->find($this->integer('bus')) ?? $layouts->find($this->integer('shown')) ?? $layouts->first();

        return $layout === null ? null : $this->of($layout, $layouts);
    }

    /** @param Collection<int, BusLayout> $layouts */
    private function of(BusLayout $layout, Collection $layouts): PlanPage
    {
        $isOther = $this->integer('shown') !== $layout->id;
        $roster = $isOther ? $layout->roster : $this->string('roster')->toString();
        $texts = fn(string $key): array => $isOther ? [] : array_filter((array) $this->input($key, []), is_string(...));
        $keep = array_values($texts('keep'));
        $counts = $texts('count');
        $units = Units::remembered($this->cookie(Units::COOKIE));
        $draft = BusDraft::of($layout, CheckupEvent::current(), $roster, $counts, $keep, $units);
        $answer = $this->isMethod('post') && ! $isOther && $draft->request !== null ? BusPlanner::plan($draft->request) : null;

        return new PlanPage($layouts, $layout, $draft, $answer, $roster, max(0, $this->integer('plan')), $keep, $counts, $units);
    }
}
