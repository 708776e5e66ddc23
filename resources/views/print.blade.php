{{-- What is printed: the typeface of the application, the paper that was chosen. --}}
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; font-src file:; img-src data:">
    <title>@yield('title')</title>
    <style>
        {!! \App\Drawing\Typeface::css() !!}
        @page { margin: 14mm 12mm; }
        * { print-color-adjust: exact; }
        body { margin: 0; font-family: '{{ \App\Drawing\Typeface::NAME }}', sans-serif; font-variant-numeric: tabular-nums; color: #1d2b33; }
        h1 { margin: 0 0 1mm; font-size: 16pt; }
        h2 { margin: 4mm 0 1mm; font-size: 12pt; break-after: avoid; }
        h3 { break-after: avoid; }
        table { border-collapse: collapse; }
        tr, li { break-inside: avoid; }
        th { text-align: left; }
        td, th { vertical-align: top; }
        p { margin: 0 0 2mm; }
        svg { display: block; max-width: 100%; margin-bottom: 2mm; }
        @page real { margin: {{ \App\Files\OnPaper::MARGIN }}mm; }
        .real { page: real; break-before: page; break-after: page; }
        .real:last-child { break-after: auto; }
        .real { padding: {{ \App\Files\OnPaper::STROKE }}mm; }
        .real svg { max-width: none; margin: 0; }
        .real p { margin: 1mm 0 0; line-height: 4mm; font-size: 8pt; }
        .soft { color: #55626a; }
        .page { break-after: page; }
        .page:last-child { break-after: auto; }
        .box { display: inline-block; width: 3.4mm; height: 3.4mm; border: 0.3mm solid #1d2b33; }
        .caution::before { margin-right: 1.5mm; padding: 0 1.4mm; border: 0.3mm solid #1d2b33; border-radius: 50%; font-weight: 700; content: '!'; }
        @yield('style')
    </style>
</head>
<body>
@yield('body')
</body>
</html>
