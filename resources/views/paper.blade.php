{{-- What all papers share: fonts that ship, colours of ink, tables without a default look. --}}
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>@yield('title')</title>
<style>
@page { margin: 18mm 16mm; }
body { font: 10pt 'DejaVu Sans'; color: #20262c; line-height: 1.3; }
h1 { font-size: 18pt; margin: 0; }
p { margin: 0 0 4pt; }
table { width: 100%; border-collapse: collapse; margin-top: 12pt; }
th { text-align: left; font-size: 9pt; color: #555c61; border-bottom: 0.8pt solid #20262c; padding: 2pt 6pt 2pt 0; }
td { vertical-align: top; padding: 4pt 6pt 4pt 0; border-bottom: 0.3pt solid #c9c2b2; }
.m { color: #555c61; }
.n { text-align: right; white-space: nowrap; }
.t td { border: 0; font-weight: bold; }
@yield('style')
</style>
</head>
<body>
@yield('body')
</body>
</html>
