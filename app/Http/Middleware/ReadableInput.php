<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * What no text holds (a NUL, bytes that are no UTF-8) is refused before anything looks at it: neither database nor page could take it.
 * Nor could a session hold a form longer than any that people fill in; what is longer comes as a file.
 */
final class ReadableInput
{
    private const MOST_BYTES = 1_048_576;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $bytes = strlen(self::text(rawurldecode($request->getPathInfo())))
            + self::bytes($request->query->all())
            + self::bytes($request->request->all())
            + self::bytes($request->files->all());

        return $bytes > self::MOST_BYTES ? throw new HttpException(Response::HTTP_REQUEST_ENTITY_TOO_LARGE) : $next($request);
    }

    /**
     * @param array<array-key, mixed> $sent
     * @return int of all names and texts in it; of a file only its name
     */
    private static function bytes(array $sent): int
    {
        $bytes = 0;
        foreach ($sent as $name => $value) {
            $bytes += strlen(self::text((string) $name)) + match (true) {
                is_array($value) => self::bytes($value),
                is_string($value) => strlen(self::text($value)),
                $value instanceof UploadedFile => strlen(self::text($value->getClientOriginalName())),
                default => 0,
            };
        }

        return $bytes;
    }

    private static function text(string $text): string
    {
        return str_contains($text, "\0") || ! mb_check_encoding($text, 'UTF-8') ? throw new BadRequestHttpException() : $text;
    }
}
