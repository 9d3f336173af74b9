<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\SignIn;
use App\Models\User;
use App\Visits\DeparturePage;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Record\Withdrawn;

/** Why a family leaves with something open, and the second person's own sign-in where the day asks for one. */
final class DepartureRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'string', 'size:40'],
            'reason' => ['nullable', Rule::in([...DeparturePage::REASONS, 'other'])],
            'words' => ['nullable', 'string', 'max:300'],
            'second' => ['nullable', 'integer'],
            'password' => ['nullable', 'string', 'max:200'],
            'withdrawn' => ['nullable', 'array', 'max:6'],
            'withdrawn.*' => ['nullable', Rule::enum(Withdrawn::class)],
        ];
    }

    public function seen(): string
    {
        return $this->string('seen')->toString();
    }

    /** The reason that was chosen, what was written, or both; null where neither was. */
    public function reason(): ?string
    {
        $words = $this->string('words')->trim()->toString();
        $reason = $this->string('reason')->toString();
        $chosen = in_array($reason, DeparturePage::REASONS, true) ? $reason : null;

        return implode(': ', array_filter([$chosen, $words === '' ? null : $words])) ?: null;
    }

    /** @return array<string, Withdrawn> by the check's letter; none of what nobody said */
    public function withdrawn(): array
    {
        $said = [];
        foreach ((array) $this->input('withdrawn', []) as $letter => $became) {
            $said[(string) $letter] = Withdrawn::tryFrom(is_string($became) ? $became : '');
        }

        return array_filter($said, static fn(?Withdrawn $became): bool => $became !== null);
    }

    /** The second person, by their own password; null where name and password do not belong together, or it is the signer. */
    public function second(): ?User
    {
        $second = $this->filled('second') ? User::maySign()->find($this->integer('second')) : null;

        return $second instanceof User
            && ! $second->is($this->author())
            && SignIn::belongs($this->string('password')->toString(), $second->password)
            ? $second
            : null;
    }
}
