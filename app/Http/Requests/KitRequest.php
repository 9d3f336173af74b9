<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Kit\KitWay;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Kit\KitItem;

/** Something of the kit that was counted, came or went; or what there should be at least. */
final class KitRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    private const MOST = 10_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->routeIs('kit.minima') ? [
            'minima' => ['nullable', 'array'],
            'minima.*' => ['nullable', 'integer', 'between:0,' . self::MOST],
        ] : [
            'id' => ['required', 'uuid'],
            'item' => ['required', Rule::enum(KitItem::class)],
            'way' => ['required', Rule::enum(KitWay::class)],
            'count' => ['required', 'integer', 'between:0,' . self::MOST],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.*' => Telling::now()->word('refused.kit.count'), 'minima.*.*' => Telling::now()->word('refused.kit.count')];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    public function item(): KitItem
    {
        return $this->enum('item', KitItem::class) ?? KitItem::Noodle;
    }

    public function way(): KitWay
    {
        return $this->enum('way', KitWay::class) ?? KitWay::Counted;
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->toString() ?: null;
    }

    /** @return array<string, int> by item, above none */
    public function minima(): array
    {
        $minima = [];
        foreach (KitItem::cases() as $item) {
            $minima[$item->value] = $this->integer("minima.{$item->value}");
        }

        return array_filter($minima, static fn(int $minimum): bool => $minimum > 0);
    }
}
