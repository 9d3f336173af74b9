<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Which entry is taken back. */
final class UndoRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['undoes' => ['required', 'uuid']];
    }

    public function undoes(): string
    {
        return $this->string('undoes')->toString();
    }
}
