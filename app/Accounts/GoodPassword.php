<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Words\Telling;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Long enough, and none of those that are tried first: also not with figures or strokes put before or behind it. */
final readonly class GoodPassword implements ValidationRule
{
    public const LEAST = 10;

    /** @param string $login which it may not hold */
    public function __construct(private string $login) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $why = is_string($value) ? self::whyNot($value, $this->login) : 'short';
        if ($why !== null) {
            $fail(Telling::now()->word("refused.password.{$why}"));
        }
    }

    /** @return 'short'|'common'|'name'|'simple'|null null when it is good */
    public static function whyNot(string $password, string $login): ?string
    {
        $folded = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::LEAST => 'short',
            $login !== '' && str_contains($folded, mb_strtolower($login)) => 'name',
            count(array_unique(mb_str_split($folded))) < 5 => 'simple',
            CommonPasswords::have($folded), CommonPasswords::have(self::withoutFigures($folded)) => 'common',
            default => null,
        };
    }

    private static function withoutFigures(string $folded): string
    {
        return (string) preg_replace('/\A[^\p{L}]+|[^\p{L}]+\z/u', '', $folded);
    }
}
