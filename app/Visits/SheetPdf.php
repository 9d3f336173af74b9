<?php

declare(strict_types=1);

namespace App\Visits;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * The sheet as a PDF, printed by a browser without a window: the same page and the same styles as on paper, one page a seat, with tags for
 * who has it read aloud. Printed when it is asked for and kept nowhere. It has no scripts, and the browser reaches no network.
 */
final readonly class SheetPdf
{
    /** By name in the address: the size as a style sheet names it. */
    public const PAPERS = ['a4' => 'A4', 'letter' => 'letter'];

    /** One at a time: each is a browser of its own for a few seconds. */
    private const LOCK = 'sheet.pdf';

    /** With the waiting below what a page may take (40 s). */
    private const SECONDS = 20;

    private const WAITS_SECONDS = 15;

    private const FOLDERS = 'app/private/pdf-';

    private const LEFT_BEHIND_SECONDS = 600;

    public static function canBeMade(): bool
    {
        return self::browser() !== null;
    }

    /**
     * @param 'a4'|'letter' $paper
     * @throws RuntimeException when the browser is not there or did not print
     */
    public function __invoke(SheetPage $page, string $paper): string
    {
        self::clearAway();
        $folder = storage_path(self::FOLDERS . bin2hex(random_bytes(8)));
        File::makeDirectory($folder, 0o700, true);
        try {
            File::put("{$folder}/sheet.css", self::styles());
            File::put("{$folder}/sheet.html", view('pages.visits.pdf', ['page' => $page, 'size' => self::PAPERS[$paper]])->render());

            $lock = Cache::lock(self::LOCK, self::SECONDS);
            $lock->block(self::WAITS_SECONDS);
            try {
                return self::printed($folder);
            } finally {
                $lock->release();
            }
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** What a process left behind that was killed while it printed. */
    private static function clearAway(): void
    {
        foreach (File::glob(storage_path(self::FOLDERS . '*')) as $folder) {
            if (is_string($folder) && File::lastModified($folder) < now()->getTimestamp() - self::LEFT_BEHIND_SECONDS) {
                File::deleteDirectory($folder);
            }
        }
    }

    private static function printed(string $folder): string
    {
        // Root has no sandbox to enter.
        $asRoot = function_exists('posix_geteuid') && posix_geteuid() === 0 ? ['--no-sandbox'] : [];
        $print = new Process([
            self::browser() ?? throw new RuntimeException('no browser is installed that could print'),
            '--headless=new', '--disable-gpu', '--disable-dev-shm-usage', ...$asRoot,
            "--user-data-dir={$folder}/profile", '--allow-file-access-from-files', '--host-resolver-rules=MAP * ~NOTFOUND',
            '--no-pdf-header-footer', "--print-to-pdf={$folder}/sheet.pdf", "file://{$folder}/sheet.html",
        ], $folder, ['HOME' => $folder], timeout: self::SECONDS);
        $print->run();

        return File::exists("{$folder}/sheet.pdf")
            ? File::get("{$folder}/sheet.pdf")
            : throw new RuntimeException('the browser did not print: ' . mb_substr($print->getErrorOutput(), 0, 500));
    }

    private static function browser(): ?string
    {
        $name = config('sheet.browser');

        return is_string($name) && $name !== '' ? (new ExecutableFinder())->find($name, null, ['/usr/bin', '/usr/local/bin']) : null;
    }

    /** The built style sheets, their fonts as files. */
    private static function styles(): string
    {
        $css = '';
        foreach (File::json(public_path('build/manifest.json')) as $entry) {
            foreach (is_array($entry) ? [$entry['file'] ?? '', ...(array) ($entry['css'] ?? [])] : [] as $file) {
                $css .= is_string($file) && str_ends_with($file, '.css') ? File::get(public_path("build/{$file}")) : '';
            }
        }

        return str_replace('url(/build/', 'url(file://' . public_path('build/'), $css);
    }
}
