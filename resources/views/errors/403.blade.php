@tablet
    <x-message name="403" :text="__('tablets.only-the-mat')"/>
@else
    <x-message name="403"/>
@endtablet
