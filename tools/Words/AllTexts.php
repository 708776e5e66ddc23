<?php

namespace Tools\Words;

/** Every text that a person can be shown: on the pages, by the server, in files and in commands. */
final class AllTexts
{
    /** @return list<Text> by the file that has them */
    public static function of(): array
    {
        return [...CodeTexts::all(), ...PageTexts::all(), ...PrintTexts::all()];
    }
}
