<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use Generator;

/** Goes through a JSON text that comes in chunks, value by value, and keeps no more of it than the value it is at. */
final class JsonScanner
{
    private const SPACE = " \t\n\r";

    /** Bytes that are gone through before those behind are let go. */
    private const KEPT = 65536;

    private string $text = '';

    private int $at = 0;

    /** @param Generator<int, string> $chunks */
    private function __construct(private readonly Generator $chunks) {}

    /** @param Generator<int, string> $chunks of the text, in order; a byte order mark before it is passed */
    public static function of(Generator $chunks): self
    {
        $scan = new self($chunks);
        $scan->skipMark();

        return $scan;
    }

    /**
     * One value as it is written.
     *
     * @throws InvalidCase when it is cut short, or larger than 1 MiB
     */
    public function value(): string
    {
        $first = $this->next();
        $begin = $this->at;
        match ($first) {
            '"' => $this->passString(),
            '{', '[' => $this->passNested(),
            default => $this->passWord(),
        };

        return substr($this->text, $begin, $this->at - $begin);
    }

    private function passString(): void
    {
        $this->at++;
        while (true) {
            $this->pass('"\\', true);
            if ($this->byte() === '"') {
                $this->at++;

                return;
            }
            if ($this->byte() === '') {
                $this->refuse('is not JSON, or was cut short');
            }
            // Whatever is escaped is not the end.
            $this->at++;
            $this->byte();
            $this->at++;
            $this->byte();
        }
    }

    private function passNested(): void
    {
        $begin = $this->at;
        $depth = 0;
        do {
            if ($this->at - $begin > JsonText::MAX_BYTES) {
                $this->refuse('holds a value that is larger than 1 MiB');
            }
            $this->pass('"{}[]', true);
            $byte = $this->byte();
            if ($byte === '') {
                $this->refuse('is not JSON, or was cut short');
            }
            if ($byte === '"') {
                $this->passString();
                continue;
            }
            $depth += $byte === '{' || $byte === '[' ? 1 : -1;
            $this->at++;
        } while ($depth > 0);
    }

    private function passWord(): void
    {
        $begin = $this->at;
        $this->pass(self::SPACE . ',:{}[]"', true);
        if ($this->at === $begin) {
            $this->refuse('is not JSON, or was cut short');
        }
    }

    /** Goes on to the first of some bytes, or over all of them. */
    private function pass(string $bytes, bool $upTo): void
    {
        $begin = $this->at;
        do {
            $this->at += $upTo ? strcspn($this->text, $bytes, $this->at) : strspn($this->text, $bytes, $this->at);
            if ($this->at - $begin > JsonText::MAX_BYTES) {
                $this->refuse('holds a value that is larger than 1 MiB');
            }
        } while ($this->at >= strlen($this->text) && $this->more());
    }

    /** The byte here; empty at the end of the file. */
    private function byte(): string
    {
        return $this->at < strlen($this->text) || $this->more() ? $this->text[$this->at] : '';
    }

    /** The next byte that is no space, which is not passed; empty at the end of the file. */
    public function next(): string
    {
        if ($this->at > self::KEPT) {
            $this->text = substr($this->text, $this->at);
            $this->at = 0;
        }
        $this->pass(self::SPACE, false);

        return $this->byte();
    }

    /** @throws InvalidCase when another byte stands there; spaces before it are passed */
    public function expect(string $byte): void
    {
        if ($this->next() !== $byte) {
            $this->refuse('is not JSON, or was cut short');
        }
        $this->at++;
    }

    private function skipMark(): void
    {
        $this->byte();
        while (strlen($this->text) < 3 && $this->more()) {
            continue;
        }
        $this->at = str_starts_with($this->text, "\u{FEFF}") ? 3 : 0;
    }

    private function more(): bool
    {
        if (! $this->chunks->valid()) {
            return false;
        }
        $this->text .= $this->chunks->current();
        $this->chunks->next();

        return $this->at < strlen($this->text) || $this->more();
    }

    /** @throws InvalidCase always */
    public function refuse(string $why, string $where = Problems::FILE): never
    {
        throw new InvalidCase([new Problem($where, $why)]);
    }
}
