<?php

declare(strict_types=1);

/*
 * What a run of tests begins with when an edit is tried: the one class that was edited comes from where its edited text
 * lies, or limits.csv does; all else is as it stands.
 */

use CleanRace\Core\Tables\Table;

require __DIR__.'/../../vendor/autoload.php';

$file = (string) getenv('EDITED_FILE');
$class = (string) getenv('EDITED_CLASS');
if ($class !== '') {
    spl_autoload_register(
        static function (string $wanted) use ($class, $file): void {
            if ($wanted === $class) {
                require $file;
            }
        },
        prepend: true,
    );
} elseif ($file !== '') {
    file_put_contents(dirname($file).'/stamp.php', '<?php return '.var_export(Table::stamp(), true).';');
    Table::readyIn(dirname($file));
}
