<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

use PhpParser\NodeTraverser;
use PhpParser\ParserFactory;

/** Where changes are tried: what may be changed, the rooms it lies in, copies to change it in, and the tests that should notice. */
abstract readonly class Ground
{
    /** What `timeout` says. */
    public const OUT_OF_TIME = 124;

    /** Changed so that it is no code any more. */
    public const NO_CODE = 125;

    final protected function __construct(protected string $root) {}

    public static function of(string $where, string $root): self
    {
        return match ($where) {
            'core' => new CoreGround($root),
            'app' => new AppGround($root),
            'front' => new FrontGround($root),
            default => exit("There is no {$where}: core, app or front.\n"),
        };
    }

    /** @return list<Mutant> in order of file and place */
    abstract public function mutants(): array;

    /** A folder like that of the project, for one worker. */
    abstract public function copy(int $worker): string;

    /** Fails where the change is noticed; OUT_OF_TIME where it did not come to an end. */
    abstract public function command(Mutant $mutant, string $copy): string;

    /** Changed in a room; the first folder of its part of the project. */
    public function room(string $file): string
    {
        return \dirname($file) === 'core/src' ? 'Fault' : explode('/', $file)[$this instanceof CoreGround ? 2 : 1];
    }

    public function leave(string $copy): void
    {
        exec('rm -rf '.escapeshellarg($copy));
    }

    protected static function isCode(string $file): string
    {
        return "{ php -l {$file} >/dev/null || exit ".self::NO_CODE.'; }';
    }

    protected function copyOf(int $worker, string ...$parts): string
    {
        $to = sys_get_temp_dir().'/low-point-mutants-'.getmypid()."-{$worker}";
        foreach ($parts as $part) {
            // What is never changed shares its place on the disk.
            $how = str_ends_with($part, 'vendor') || $part === 'public' ? '-al' : '-r';
            exec(sprintf('mkdir -p %1$s/%2$s && cp %3$s %4$s/%5$s %1$s/%2$s', ...array_map(escapeshellarg(...), [
                $to,
                \dirname($part),
                $how,
                $this->root,
                $part,
            ])));
        }

        return $to;
    }

    /** @return list<Mutant> */
    protected function php(string $folder): array
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $all = [];
        foreach (new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator("{$this->root}/{$folder}", \FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                $code = (string) file_get_contents($file->getPathname());
                $mutants = new Mutants(substr($file->getPathname(), \strlen($this->root) + 1), $code);
                (new NodeTraverser($mutants))->traverse($parser->parse($code) ?? []);
                array_push($all, ...$mutants->found);
            }
        }
        usort($all, static fn(Mutant $a, Mutant $b): int => [$a->file, $a->from, $a->becomes] <=> [$b->file, $b->from, $b->becomes]);

        return $all;
    }
}
