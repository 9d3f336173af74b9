<?php

declare(strict_types=1);

namespace App\Recalls;

use App\Models\RecallList;
use App\Models\SeatModel;
use MintBuckle\Core\Recall\Folded;
use MintBuckle\Core\Recall\NearNames;

/** The makers and models that the recall list or the catalogue knows, and whether a label's are among them. */
final class NamesOnRecord
{
    /** @var list<object{id: int, maker: string, model: string, name: string|null}>|null */
    private ?array $catalogue = null;

    public function doubt(?RecallList $list, ?string $maker, ?string $model): ?NameDoubt
    {
        if ($maker === null || ($model !== null && SeatModel::isNamed($maker, $model))) {
            return null;
        }
        // Read anew for every seat: a model may have been entered since.
        $this->catalogue = null;
        if (! SeatModel::isNamed($maker) && $list?->namesMaker(Folded::text($maker)) !== true) {
            return new NameDoubt('seat.maker', $maker, $this->near($list, $maker));
        }

        return $model === null || ($list !== null && self::isNamedBy($list, $maker, $model))
            ? null
            : new NameDoubt('seat.model', $model, $this->nearModels($model, Folded::text($maker)));
    }

    /** A campaign of every model names none. */
    private static function isNamedBy(RecallList $list, string $maker, string $model): bool
    {
        foreach ($list->candidates($maker, $model) as $campaign) {
            foreach (array_filter((array) ($campaign->models ?? []), is_string(...)) as $pattern) {
                if (Folded::matches($pattern, $model)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Makers that come near, and models that were typed in their place.
     *
     * @return list<array{maker: string, model: string|null, id: int|null, label: string}>
     */
    private function near(?RecallList $list, string $typed): array
    {
        $makers = array_values(array_unique([
            ...array_map(static fn(object $m): string => $m->maker, $this->catalogue()),
            ...$list?->makers() ?? [],
        ]));
        $near = array_map(
            static fn(string $maker): array => ['maker' => $maker, 'model' => null, 'id' => null, 'label' => $maker],
            NearNames::of($typed, $makers),
        );

        return [...$near, ...$this->nearModels($typed, null)];
    }

    /** @return list<array{maker: string, model: string, id: int, label: string}> by number or trade name */
    private function nearModels(string $typed, ?string $maker): array
    {
        $byTitle = [];
        foreach ($this->catalogue() as $model) {
            if ($maker === null || Folded::text($model->maker) === $maker) {
                $byTitle[$model->model][] = $model;
                if ($model->name !== null) {
                    $byTitle[$model->name][] = $model;
                }
            }
        }
        $near = [];
        foreach (NearNames::of($typed, array_map(strval(...), array_keys($byTitle))) as $title) {
            foreach ($byTitle[$title] as $model) {
                $near[$model->id] = [
                    'maker' => $model->maker,
                    'model' => $model->model,
                    'id' => $model->id,
                    'label' => trim("{$model->maker} {$model->model} {$model->name}"),
                ];
            }
        }

        return array_values($near);
    }

    /** @return list<object{id: int, maker: string, model: string, name: string|null}> */
    private function catalogue(): array
    {
        return $this->catalogue ??= SeatModel::names();
    }
}
