@foreach ($facts->attack->allCautions() as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
@foreach ($facts->cautions as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
