// Potting bench, late morning: an invented scene for the demo drawing.
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level 6 }
camera { location <0.3, 5.2, -15> look_at <0.1, 3.9, 0> right x*5/7 up y angle 40 }
light_source { <-14, 18, -16> rgb <1.0, 0.96, 0.86>*1.1 area_light <4,0,0>, <0,4,0>, 4, 4 adaptive 1 jitter }
light_source { <14, 8, -8> rgb <0.30, 0.36, 0.42> shadowless }

// wall with a window
box { <-12, -1, 6>, <12, 14, 6.2> pigment { gradient y color_map { [0 rgb <0.62,0.68,0.62>] [1 rgb <0.50,0.58,0.54>] } scale 14 } finish { diffuse 0.75 } normal { bumps 0.08 scale 0.3 } }
#declare Pane = box { <0,0,0>, <1.5,2.1,0.1> pigment { rgb <0.86,0.93,0.95>*1.25 } finish { emission 0.55 diffuse 0.3 } }
union {
  object { Pane translate <0,0,0> } object { Pane translate <1.7,0,0> } object { Pane translate <0,2.3,0> } object { Pane translate <1.7,2.3,0> }
  box { <-0.25,-0.25,0.02>, <3.45,4.65,0.2> pigment { rgb <0.80,0.80,0.74> } }
  translate <1.7, 5.4, 5.75>
}
// bench
#declare Plank = box { <-12, -0.5, 0>, <12, 0, 1.9> texture { pigment { wood turbulence 0.06 color_map { [0 rgb <0.50,0.32,0.19>] [0.6 rgb <0.41,0.25,0.14>] [1 rgb <0.33,0.19,0.10>] } rotate y*90 scale <1,0.35,0.35> } finish { diffuse 0.8 specular 0.08 } } }
#declare I = 0; #while (I < 6) object { Plank translate <sin(I*37)*3, 0, -5.4 + I*2> } #declare I = I + 1; #end

box { <-14, -4, -5.38>, <14, -0.5, -5.2> pigment { rgb <0.30,0.18,0.10> } finish { diffuse 0.7 } }

// watering can
#declare Tin = texture { pigment { rgb <0.16,0.40,0.43> } finish { diffuse 0.65 specular 0.45 roughness 0.04 reflection 0.06 } }
union {
  difference { cone { <0,0,0>, 2.15, <0,3.9,0>, 1.75 } cone { <0,0.2,0>, 1.98, <0,4.1,0>, 1.6 } }
  torus { 1.77, 0.09 translate y*3.9 } torus { 2.16, 0.1 translate y*0.1 } torus { 1.98, 0.06 translate y*1.75 }
  difference { torus { 1.65, 0.16 rotate x*90 scale <0.95,1.15,1> translate y*3.9 } box { <-3,-3,-3>, <3,3.75,3> } }
  sphere_sweep { cubic_spline 6, <-1.2,1.0,0>,0.15 <-1.8,0.9,0>,0.16 <-3.0,1.6,0>,0.15 <-3.0,3.0,0>,0.15 <-1.7,3.2,0>,0.15 <-1.2,3.1,0>,0.15 }
  cone { <1.6,0.9,0>, 0.55, <4.4,4.3,0>, 0.28 }
  cone { <4.2,4.0,0>, 0.3, <4.95,4.85,0>, 0.95 }
  texture { Tin } rotate y*12 translate <-0.45, 0, 0.2>
}
// clay pot and seedling
union {
  difference { cone { <0,0,0>, 0.75, <0,1.5,0>, 1.05 } cone { <0,0.1,0>, 0.65, <0,1.6,0>, 0.95 } }
  difference { cylinder { <0,1.35,0>, <0,1.75,0>, 1.18 } cylinder { <0,1.3,0>, <0,1.8,0>, 0.98 } }
  cylinder { <0,1.2,0>, <0,1.5,0>, 0.97 pigment { rgb <0.13,0.09,0.06> } normal { bumps 1 scale 0.08 } }
  pigment { rgb <0.70,0.33,0.18> } finish { diffuse 0.8 } normal { bumps 0.1 scale 0.2 } translate <-3.0, 0, -2.6>
}
#declare Leaf = sphere { 0, 1 scale <0.30,0.62,0.09> translate y*0.6 }
#declare Green = texture { pigment { rgb <0.28,0.50,0.16> } finish { diffuse 0.8 specular 0.15 } }
union {
  sphere_sweep { cubic_spline 5, <0,1.0,0>,0.07 <0,1.4,0>,0.07 <0.08,2.3,0>,0.06 <-0.05,3.2,0>,0.05 <-0.1,3.6,0>,0.05 }
  object { Leaf rotate z*-58 translate <0.1,2.2,0> } object { Leaf rotate z*55 translate <0,2.5,0> }
  object { Leaf rotate z*-30 translate <0,2.9,0> } object { Leaf rotate z*24 translate <-0.05,3.1,0> }
  texture { Green } translate <-3.0, 0, -2.6>
}
// twine and a trowel
torus { 0.55, 0.22 translate <2.9, 0.22, -3.2> pigment { rgb <0.72,0.60,0.38> } normal { gradient x 1.2 scale 0.06 rotate y*40 } }
torus { 0.42, 0.2 translate <2.9, 0.55, -3.2> pigment { rgb <0.72,0.60,0.38> } normal { gradient x 1.2 scale 0.06 rotate y*-30 } }
