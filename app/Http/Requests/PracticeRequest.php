<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeAttempt;
use App\Models\User;
use App\Practice\Practiser;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Rulebook;

/** What a learner sends: which drill is begun, what is looked at, named and put right. */
final class PracticeRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    /** Open to whoever has a class's link; a drill of theirs to whoever began it. */
    private const FOR_GUESTS = ['practice.class.show', 'practice.class.begin'];

    public function authorize(): bool
    {
        $attempt = $this->route('attempt');

        return $this->user() instanceof User || $this->routeIs(self::FOR_GUESTS)
            || $attempt instanceof PracticeAttempt && $this->practiser()->owns($attempt);
    }

    protected function failedAuthorization(): never
    {
        throw new AuthenticationException(redirectTo: route('login'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $route = $this->route()?->getName();

        return [
            'id' => [Rule::requiredIf(in_array($route, ['practice.store', 'practice.class.begin', 'practice.class.check'], true)), 'uuid'],
            'seed' => ['nullable', 'integer', 'between:0,2147483647'],
            'level' => ['nullable', 'integer', 'between:1,' . DrillMaker::LEVELS],
            'fixed' => ['nullable', Rule::enum(FixedDrill::class)],
            'repeat' => ['nullable', Rule::in(array_keys(DrillWeights::all(Rulebook::current())))],
            'look' => [Rule::requiredIf($route === 'practice.look'), Rule::enum(DrillLook::class)],
            'path' => [Rule::requiredIf(in_array($route, ['practice.name', 'practice.mend'], true)), 'string', 'max:120'],
            'code' => [
                Rule::requiredIf(in_array($route, ['practice.name', 'practice.aside'], true)),
                'string',
                'regex:/\A[a-z]+\.[a-z0-9_]+\z/',
            ],
            'f' => ['nullable', 'array', 'max:3'],
        ];
    }

    /** A drill is its learner's own. */
    public function mine(PracticeAttempt $attempt): void
    {
        abort_unless($this->practiser()->owns($attempt), 404);
    }

    public function practiser(): Practiser
    {
        return Practiser::of($this->person(), $this->session());
    }

    /** Whoever begins is known from then on. */
    public function arriving(): Practiser
    {
        return Practiser::arriving($this->person(), $this->session());
    }

    public function person(): ?User
    {
        $user = $this->user();

        return $user instanceof User ? $user : null;
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    /** The one asked for; else the drill's own id gives it. */
    public function seed(): int
    {
        return $this->filled('seed') ? $this->integer('seed') : crc32($this->id()) & 0x7FFFFFFF;
    }

    /** @return int<1, 4> */
    public function level(): int
    {
        return max(1, min(DrillMaker::LEVELS, $this->integer('level', 1)));
    }

    public function fixed(): ?FixedDrill
    {
        return $this->enum('fixed', FixedDrill::class);
    }

    public function repeat(): ?string
    {
        return $this->filled('repeat') ? $this->string('repeat')->toString() : null;
    }

    public function look(): DrillLook
    {
        return $this->enum('look', DrillLook::class) ?? DrillLook::Label;
    }

    public function path(): string
    {
        return $this->string('path')->toString();
    }

    public function code(): string
    {
        return $this->string('code')->toString();
    }

    /** @return array<array-key, mixed> as a fact of a check is posted */
    public function typed(): array
    {
        $all = $this->input('f');
        $typed = is_array($all) ? $all[$this->path()] ?? [] : [];

        return is_array($typed) ? $typed : [];
    }
}
