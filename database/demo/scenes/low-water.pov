// Low water, evening: an invented shore for the demo drawing.
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level 5 }
camera { location <0, 4.6, -17> look_at <0, 2.4, 6> right x*3/2 up y angle 52 }
light_source { <-60, 38, -20> rgb <1.05, 0.86, 0.64>*1.15 }
light_source { <40, 40, -30> rgb <0.22, 0.28, 0.38> shadowless }
sky_sphere { pigment { gradient y color_map { [0 rgb <0.93,0.76,0.58>] [0.18 rgb <0.72,0.76,0.80>] [0.6 rgb <0.36,0.52,0.70>] } } pigment { bozo turbulence 0.7 octaves 5 color_map { [0 rgbt <1,0.95,0.88,0.25>] [0.35 rgbt <1,0.96,0.92,1>] [1 rgbt 1] } scale <0.5,0.10,0.3> } }
plane { y, 0 pigment { rgb <0.20,0.32,0.36> } finish { reflection 0.35 diffuse 0.4 specular 0.3 } normal { bumps 0.22 scale <1.8,0.3,0.5> } }
// sand bar
sphere { 0, 1 scale <26, 0.75, 7.5> translate <-7, -0.22, -4.5> pigment { bozo color_map { [0 rgb <0.60,0.49,0.36>] [1 rgb <0.47,0.38,0.28>] } scale 1.4 } normal { bumps 0.4 scale 0.25 } finish { diffuse 0.85 } }
// hills
#declare H = 0; #while (H < 7) sphere { 0, 1 scale <17+4*sin(H*2), 9.4+2.2*cos(H*3.1), 6> translate <-48+H*17, -0.6, 62+5*sin(H)> pigment { rgb <0.25+0.02*H,0.34,0.36> } finish { diffuse 0.7 } } #declare H = H + 1; #end
#macro Boat(Paint, Trim)
union {
  difference {
    intersection { sphere { 0, 1 scale <3.4, 1.9, 1.15> } box { <-4,-1.3,-2>, <4,0.25,2> } sphere { 0, 1 scale <3.2,4,1.6> translate x*-0.2 } }
    sphere { 0, 1 scale <3.15, 1.65, 0.98> translate y*0.15 }
    pigment { rgb Paint }
  }
  difference { cylinder { <0,0.16,0>, <0,0.27,0>, 1 scale <3.38,1,1.16> } cylinder { <0,0,0>, <0,0.5,0>, 1 scale <3.2,1,1.0> } pigment { rgb Trim } }
  box { <-0.3,-0.15,-1>, <0.2,-0.02,1> pigment { rgb <0.50,0.36,0.22> } } box { <1.3,-0.15,-0.9>, <1.7,-0.02,0.9> pigment { rgb <0.50,0.36,0.22> } }
  cylinder { <0.3,0,0>, <0.1,5.6,0>, 0.09 pigment { rgb <0.44,0.32,0.20> } }
  finish { diffuse 0.8 specular 0.12 }
}
#end
object { Boat(<0.62,0.16,0.12>, <0.90,0.86,0.76>) rotate x*-9 rotate y*18 translate <-3.4,1.25,-2.6> }
object { Boat(<0.12,0.27,0.44>, <0.88,0.84,0.72>) rotate x*6 rotate y*-24 scale 0.92 translate <3.6,1.0,1.6> }
object { Boat(<0.86,0.80,0.64>, <0.26,0.36,0.30>) rotate y*62 scale 0.8 translate <9.5,0.62,9> }
// posts and a rope
#declare P = 0; #while (P < 5) cylinder { <0,-1,0>, <0.1*sin(P*5),2.4-0.2*P,0>, 0.17 pigment { rgb <0.22,0.17,0.13> } normal { bumps 0.5 scale 0.2 } translate <-10.5+P*4.7,0,4+P*3.4> } #declare P = P + 1; #end
