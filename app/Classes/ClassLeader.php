<?php

namespace App\Classes;

use App\Files\ClassExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\ClassPlan;

/**
 * The leader's list: what is done beforehand, the cuts by setting, what goes into a bag, the timetable, and what to
 * buy.
 */
final class ClassLeader implements ClassExport
{
    public function path(): string
    {
        return 'leader.pdf';
    }

    public function label(): string
    {
        return "Print the leader's list (PDF)";
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::ForClass;
    }

    public function fileName(ClassPlan $class): string
    {
        return "class-$class->id-leader.pdf";
    }

    public function write(ClassPlan $class): string
    {
        $html = view('class-leader', ['page' => ClassLookPage::of($class), 'bag' => ClassPackPage::of($class, 1)])->render();

        return Pdf::render($html, ClassTable::of($class)->unit)->bytes;
    }
}
