<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/**
 * One source file of the core, looked at through its syntax tree: the list of what breaks the rules.
 */
final class CoreFile extends NodeVisitorAbstract
{
    private const NAMESPACE = 'Zumbo\\Core\\';

    /** @var list<string> */
    private array $broken = [];
    private bool $strict = false;

    private function __construct(private readonly string $module)
    {
    }

    /**
     * @return list<string> what is wrong, each with its line
     */
    public static function problems(string $code, string $module): array
    {
        $file = new self($module);
        $traverser = new NodeTraverser(new NameResolver(), $file);
        $traverser->traverse((new ParserFactory())->createForHostVersion()->parse($code) ?? []);
        if (!$file->strict) {
            $file->broken[] = 'no strict_types';
        }
        if (substr_count($code, "\n") > CoreRules::MOST_FILE_LINES) {
            $file->broken[] = 'more than '.CoreRules::MOST_FILE_LINES.' lines';
        }

        return $file->broken;
    }

    public function enterNode(Node $node): null
    {
        match (true) {
            $node instanceof Node\DeclareItem => ($this->strict =
                $this->strict || 'strict_types' === $node->key->toString()),
            $node instanceof Node\Name => $this->name($node),
            $node instanceof Node\Stmt\Class_ => $this->type($node),
            $node instanceof Node\Stmt\ClassMethod => $this->method($node),
            $node instanceof Node\Expr\FuncCall && $node->name instanceof Node\Name => $this->called($node->name),
            $node instanceof Node\Expr\Variable
                && \is_string($node->name)
                && 1 === preg_match('/^(_[A-Z]+|GLOBALS|argv)$/', $node->name) => $this->add($node, 'superglobal $'.$node->name),
            $node instanceof Node\Stmt\Echo_,
            $node instanceof Node\Expr\Print_,
            $node instanceof Node\Expr\Exit_,
            $node instanceof Node\Expr\ShellExec,
            $node instanceof Node\Expr\Include_,
            $node instanceof Node\Expr\Eval_ => $this->add($node, 'touches the world outside: '.$node->getType()),
            $node instanceof Node\Expr\New_
                && $node->class instanceof Node\Name
                && 1 === preg_match('/^(DateTime|DateTimeImmutable|PDO|Random\\\\.*)$/', $node->class->toString()) => $this->add(
                    $node,
                    'new '.$node->class,
                ),
            default => null,
        };

        return null;
    }

    private function name(Node\Name $name): void
    {
        $full = $name->toString();
        if (!str_starts_with($full, self::NAMESPACE)) {
            if ($name instanceof Node\Name\FullyQualified && str_contains($full, '\\')) {
                $this->add($name, 'imports '.$full);
            }

            return;
        }
        $other = explode('\\', substr($full, \strlen(self::NAMESPACE)))[0];
        $known = [
            ...CoreRules::BOTTOM[$this->module] ?? CoreRules::EVERYWHERE,
            ...CoreRules::ARROWS[$this->module] ?? [],
        ];
        if (
            $other !== $this->module
            && \array_key_exists($other, CoreRules::ARROWS)
            && !\in_array($other, $known, true)
        ) {
            $this->add($name, "{$this->module} may not know $other");
        } elseif ($name instanceof Node\Name\FullyQualified && !\array_key_exists($other, CoreRules::ARROWS)) {
            $this->add($name, "$other is not in the table of modules");
        }
    }

    private function type(Node\Stmt\Class_ $class): void
    {
        if (!$class->isFinal() && !$class->isAbstract() && !$class->isAnonymous()) {
            $this->add($class, $class->name.' is not final');
        }
        if (null !== $class->name && 1 === preg_match(CoreRules::REFUSED_NAMES, $class->name->toString())) {
            $this->add($class, $class->name.' says nothing');
        }
    }

    private function method(Node\Stmt\ClassMethod $method): void
    {
        $lines = $method->getEndLine() - $method->getStartLine() + 1;
        if ($lines > CoreRules::MOST_METHOD_LINES) {
            $this->add($method, "{$method->name}() has $lines lines");
        }
    }

    private function called(Node\Name $function): void
    {
        if (\in_array(strtolower($function->getLast()), CoreRules::REFUSED_FUNCTIONS, true)) {
            $this->add($function, $function->getLast().'()');
        }
    }

    private function add(Node $node, string $problem): void
    {
        $this->broken[] = "line {$node->getStartLine()}: $problem";
    }
}
