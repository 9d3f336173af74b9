<?php

declare(strict_types=1);

/**
 * Adds a fact, and a rule that reads it, to a copy of the tree: how many files that takes, and that the core's tests hold there.
 *
 * The fact can be asked, is written, read, listed in the schema and looked at again when the place changes; the rule finds, is mended by
 * the fact and stands in the handbook: all that is tried in the copy, then the core's tests are run there.
 */

$root = dirname(__DIR__);
$copy = sys_get_temp_dir() . '/mint-buckle-house-' . getmypid();
mkdir("{$copy}/vendor", recursive: true);
register_shutdown_function(static fn() => exec('rm -rf ' . escapeshellarg($copy)));
foreach (['core', 'present', 'app', 'resources', 'tests', 'docs', 'bin', 'bench', 'config', 'database', 'lang', 'routes'] as $folder) {
    exec('cp -r ' . escapeshellarg("{$root}/{$folder}") . ' ' . escapeshellarg("{$copy}/{$folder}"));
}
foreach (['CHANGELOG.md', 'CONTRIBUTING.md', 'README.md', '.editorconfig'] as $file) {
    copy("{$root}/{$file}", "{$copy}/{$file}");
}
// The copy's own classes first, the packages from here.
file_put_contents("{$copy}/vendor/autoload.php", <<<PHP
    <?php
    require_once '{$root}/vendor/autoload.php';
    spl_autoload_register(static function (string \$class): void {
        \$folders = ['MintBuckle\\\\Core\\\\' => 'core/', 'MintBuckle\\\\Present\\\\' => 'present/', 'Tests\\\\' => 'tests/'];
        foreach (\$folders as \$prefix => \$folder) {
            \$file = dirname(__DIR__) . '/' . \$folder . str_replace('\\\\', '/', substr(\$class, strlen(\$prefix))) . '.php';
            if (str_starts_with(\$class, \$prefix) && is_file(\$file)) {
                require \$file;
            }
        }
    }, prepend: true);
    PHP);

$changed = [];
/** Puts text before the first place where another stands. */
$insert = static function (string $file, string $before, string $text) use ($copy, &$changed): void {
    $source = (string) file_get_contents("{$copy}/{$file}");
    $at = strpos($source, $before);
    if ($at === false) {
        fwrite(STDERR, "{$file} has no longer: {$before}\n");
        exit(1);
    }
    file_put_contents("{$copy}/{$file}", substr($source, 0, $at) . $text . substr($source, $at));
    $changed[$file] = true;
};
$run = static function (string $command) use ($copy): string {
    exec('cd ' . escapeshellarg($copy) . " && {$command} 2>&1", $lines, $status);
    if ($status !== 0) {
        fwrite(STDERR, implode("\n", array_slice($lines, -30)) . "\n");
        exit(1);
    }

    return implode("\n", $lines);
};

// A fact: its definition, its words.
$changed = [];
$insert('core/Facts/Setup.php', '        /** Where the carrying handle is', <<<'PHP'
            /** Whether heavy things lie loose around the seat; null: not looked at. */
            #[Asked(Station::Place, 155), StaleWith(Look::VehicleBack)]
            public ?bool $loadLoose = null,

    PHP);
$insert(
    'lang/en/facts.php',
    "    'setup.handle' =>",
    "    'setup.load_loose' => ['short' => 'Loose things', 'question' => 'Do heavy things lie loose around the seat?'],\n",
);
$factFiles = count($changed);

// A rule: itself, the rulebook, its words.
$changed = [];
file_put_contents("{$copy}/core/Rules/Place/LoadRule.php", <<<'PHP'
    <?php

    declare(strict_types=1);

    namespace MintBuckle\Core\Rules\Place;

    use MintBuckle\Core\Context\AssessmentContext;
    use MintBuckle\Core\Finding\Code;
    use MintBuckle\Core\Finding\Finding;
    use MintBuckle\Core\Finding\Finds;
    use MintBuckle\Core\Finding\Severity;
    use MintBuckle\Core\Finding\Source;
    use MintBuckle\Core\Rules\Rule;

    /** What flies about in a crash? */
    final readonly class LoadRule implements Rule
    {
        public function finds(): array
        {
            return [new Finds(Code::of('place.load_loose'), [Severity::Fix], mendedBy: ['setup.load_loose'])];
        }

        public function judge(AssessmentContext $s): iterable
        {
            if ($s->setup()->loadLoose === true) {
                yield new Finding(
                    Code::of('place.load_loose'),
                    Severity::Fix,
                    sources: [Source::Common->cite()],
                );
            }
        }
    }
    PHP);
$changed['core/Rules/Place/LoadRule.php'] = true;
$insert('core/Rulebook.php', '            new InCar(new HandleRule()),', "            new InCar(new LoadRule()),          // place.load_loose\n");
$insert('core/Rulebook.php', 'use MintBuckle\Core\Rules\Place\PlaceFacts;', "use MintBuckle\\Core\\Rules\\Place\\LoadRule;\n");
$insert(
    'lang/en/findings.php',
    "    'place.handle' =>",
    <<<'PHP'
            'place.load_loose' => [
                'title' => 'Heavy things lie loose',
                'when' => 'Heavy things lie loose around the seat.',
                'says' => 'Heavy things lie loose around the seat.',
                'do' => 'Tie them down or take them out.',
            ],

        PHP,
);
$ruleFiles = count($changed);

$made = $run('php bin/lib/generate.php');
$tried = $run('php -r ' . escapeshellarg(<<<'PHP'
    require 'vendor/autoload.php';
    use MintBuckle\Core\{Assessor, Rulebook};
    use MintBuckle\Core\Asking\Questionnaire;
    use MintBuckle\Core\CaseFile\{Schema, Writer};
    use MintBuckle\Core\Finding\{Code, Finding};
    use MintBuckle\Core\Record\ReinspectionRules;
    use MintBuckle\Core\Telling\Message;
    use MintBuckle\Present\Handbook\RuleText;
    use Tests\Core\Cases;
    use Tests\Told;
    $rear = static fn(bool $loose) => Cases::read(Cases::REAR, ['setup.load_loose' => $loose]);
    $finds = static fn(bool $loose): bool => in_array(
        'place.load_loose',
        array_map(static fn(Finding $f): string => $f->code->value, Assessor::assess($rear($loose), Rulebook::current())->findings),
        true,
    );
    foreach ([
        'it is read and judged' => $finds(true) && ! $finds(false),
        'it can be asked' => Told::english(Questionnaire::standard()->for('setup.load_loose')?->question() ?? new Message(''))
            === 'Do heavy things lie loose around the seat?',
        'it is written' => (Writer::toArray($rear(true))['setup']['load_loose'] ?? null) === true,
        'it is in the schema' => isset(Schema::ofCase()['$defs']['setup']['properties']['load_loose']),
        'it is looked at again' => in_array('setup.load_loose', ReinspectionRules::standard()->after('setup.position'), true),
        'it mends' => Rulebook::current()->finds(Code::of('place.load_loose'))->mendedBy === ['setup.load_loose'],
        'it stands in the handbook' => RuleText::of(Code::of('place.load_loose'))->weighs->otherwise === 'weighs.fix',
    ] as $what => $holds) {
        $holds || exit("not so: {$what}\n");
    }
    echo 'all of it';
    PHP));
if ($tried !== 'all of it') {
    fwrite(STDERR, "{$tried}\n");
    exit(1);
}
$phpunit = escapeshellarg("{$root}/vendor/bin/phpunit")
    . ' --bootstrap vendor/autoload.php --no-configuration --exclude-group slow --no-progress --colors=never --do-not-cache-result';
$tests = 0;
foreach (
    [
        'tests/Core',
        'tests/Architecture/RulebookTest.php',
        'tests/Architecture/CirclesTest.php',
        'tests/Architecture/CostTest.php',
        'tests/Architecture/GeneratedTest.php',
    ] as $some
) {
    preg_match('/\((\d+) tests?,/', $run("php -d pcov.enabled=0 -d memory_limit=1G {$phpunit} {$some}"), $ran);
    $tests += (int) ($ran[1] ?? 0);
}

printf("bench: house_fact_files %d files\n", $factFiles);
printf("bench: house_rule_files %d files\n", $ruleFiles);
$files = array_filter(explode("\n", $made), static fn(string $file): bool => is_file("{$copy}/{$file}"));
printf("bench: house_made_files %d files\n", count($files));
printf("bench: house_tests %d tests\n", $tests);
if ($factFiles > 2 || $ruleFiles > 3) {
    exit(1);
}
