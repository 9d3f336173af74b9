<?php

declare(strict_types=1);

/*
 * Run once as the pages' processes start: the classes of core and present are linked for all of them, instead of at every request. They
 * know no framework and no request, so nothing of one person can stay in them. After a change of the code bin/start starts them anew.
 */

$folders = [
    'MintBuckle\Core\\' => dirname(__DIR__) . '/core/',
    'MintBuckle\Present\\' => dirname(__DIR__) . '/present/',
    // The one package that they may use.
    'Brick\Math\\' => dirname(__DIR__) . '/vendor/brick/math/src/',
];
spl_autoload_register(static function (string $class) use ($folders): void {
    foreach ($folders as $space => $folder) {
        $file = $folder . strtr(substr($class, strlen($space)), '\\', '/') . '.php';
        if (str_starts_with($class, $space) && is_file($file)) {
            require_once $file;
        }
    }
});
foreach (array_slice($folders, 0, 2) as $space => $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        class_exists($space . strtr(substr($file->getPathname(), strlen($folder), -strlen('.php')), '/', '\\'));
    }
}
