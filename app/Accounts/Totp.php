<?php

declare(strict_types=1);

namespace App\Accounts;

/** Time-based one-time passwords, RFC 6238 with SHA-1, six digits and steps of 30 seconds: what every app of that kind makes. */
final readonly class Totp
{
    private const STEP_SECONDS = 30;

    private const DIGITS = 6;

    /** Steps before and after now that are taken too: clocks differ. */
    private const WINDOW = 1;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    private const SECRET_BYTES = 20;

    /** RFC 4648 base 32, as apps take it. */
    public static function secret(): string
    {
        $bits = '';
        foreach (str_split(random_bytes(self::SECRET_BYTES)) as $byte) {
            $bits .= sprintf('%08b', ord($byte));
        }

        return implode('', array_map(static fn(string $five): string => self::ALPHABET[(int) bindec($five)], str_split($bits, 5)));
    }

    public static function code(string $secret, int $time, int $digits = self::DIGITS): string
    {
        return self::at($secret, intdiv($time, self::STEP_SECONDS), $digits);
    }

    /**
     * The step at which a code is right.
     *
     * @param int|null $used the last step that was used: no code is taken twice
     */
    public static function step(string $secret, string $code, int $time, ?int $used): ?int
    {
        $now = intdiv($time, self::STEP_SECONDS);
        for ($step = $now - self::WINDOW; $step <= $now + self::WINDOW; $step++) {
            if ($step > ($used ?? -1) && hash_equals(self::at($secret, $step, self::DIGITS), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** As an app takes it from a link or a picture. */
    public static function address(string $secret, string $person): string
    {
        return 'otpauth://totp/' . rawurlencode("Mint Buckle:{$person}") . "?secret={$secret}&issuer=Mint%20Buckle";
    }

    private static function at(string $secret, int $step, int $digits): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $offset = ord($hash[-1]) & 0xF;
        $word = unpack('N', substr($hash, $offset, 4));
        $number = (is_int($word[1] ?? null) ? $word[1] : 0) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split(rtrim(strtoupper($secret), '=')) as $letter) {
            $bits .= sprintf('%05b', (int) strpos(self::ALPHABET, $letter));
        }

        return implode('', array_map(
            static fn(string $eight): string => strlen($eight) === 8 ? chr((int) bindec($eight)) : '',
            str_split($bits, 8),
        ));
    }
}
