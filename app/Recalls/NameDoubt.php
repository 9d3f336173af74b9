<?php

declare(strict_types=1);

namespace App\Recalls;

use MintBuckle\Core\Recall\Folded;
use MintBuckle\Core\Telling\Message;

/** A maker or model that neither list nor catalogue knows, with the names that come near. */
final readonly class NameDoubt
{
    /**
     * @param 'seat.maker'|'seat.model' $path
     * @param list<array{maker: string, model: string|null, id: int|null, label: string}> $near nearest first; a near model brings its maker
     *                                                                                          and its number in the catalogue along
     */
    public function __construct(public string $path, public string $typed, public array $near) {}

    /** What a confirmation of the spelling is kept under: another spelling needs another one. */
    public function subject(): string
    {
        return "{$this->path}/" . (Folded::text($this->typed) === '' ? 'blank' : substr(sha1(Folded::text($this->typed)), 0, 12));
    }

    public function told(): Message
    {
        return new Message('checks.doubt.' . ($this->path === 'seat.maker' ? 'maker' : 'model'), ['name' => $this->typed]);
    }
}
