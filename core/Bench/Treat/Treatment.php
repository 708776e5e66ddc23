<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Treat;

use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;

/** Something that can be done to a part before it is glued. It is data, listed in Treatments. */
final readonly class Treatment
{
    /**
     * @param  string  $label  as a command: "Emboss"
     * @param  string  $done  as it is said of a part: "embossed"
     * @param  list<ToolKind|Kind>  $tools  of which one is wanted; none where hands or what everyone has will do
     * @param  string  $says  with {part}, {tool} and {option}
     * @param  list<string>  $cautions
     * @param  list<string>  $options
     */
    private function __construct(
        public string $key,
        public string $label,
        public string $done,
        public Phase $phase,
        public array $tools,
        public string $says,
        public int $seconds,
        public int $wait,
        public array $cautions,
        public array $options,
    ) {
    }

    /**
     * @param  list<ToolKind|Kind>  $tools
     * @param  list<string>  $cautions
     * @param  list<string>  $options
     */
    public static function of(
        string $key,
        string $label,
        string $done,
        Phase $phase,
        array $tools,
        string $says,
        int $seconds,
        int $wait = 0,
        array $cautions = [],
        array $options = [],
    ): self {
        return new self($key, $label, $done, $phase, $tools, $says, $seconds, $wait, $cautions, $options);
    }

    /** Folders go through a machine. Wet things stay on a mat. */
    public function surface(): string
    {
        return in_array(ToolKind::Folder, $this->tools, true) ? HandTool::MACHINE : HandTool::CRAFT_MAT;
    }

    /** Whether it can be done with a component. */
    public function isDoneWith(Component $component): bool
    {
        $kind = $component->good instanceof Tool ? $component->good->tool : $component->kind();

        return in_array($kind, $this->tools, true);
    }

    public function isWithoutTool(): bool
    {
        return $this->tools === [];
    }

    public function inWords(string $part, string $tool, string $option): string
    {
        return strtr($this->says, ['{part}' => $part, '{tool}' => $tool, '{option}' => $option]);
    }
}
