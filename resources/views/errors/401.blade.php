<x-message name="401"/>
